import { useEffect, useRef, useState } from 'react';
import type { Telling } from '@/core/heat';
import type { HeardCrack, HeardOfRoast, ListenerState } from '@/core/listen';
import { fromChargeS, fromPressS, heatS } from '@/core/roast';
import { logCracks, type RoastCrack } from '@/store/cracks';
import { database, isPractice } from '@/store/current';
import { knownEar } from '@/store/knownEar';
import { useHousehold } from '@/ui/useHousehold';
import { useLatest } from '@/ui/useSteady';
import { type Ear, openEar, openEarToBeans } from '@/workers/ear/client';
import type { LiveRoastModel } from '../useLiveRoast';
import { HEARD, type Heard, proposalOf, saysTheSame, tellingsOf } from './earWords';
import { keepSound } from './keepSound';
import { LevelLine, showLevel } from './LevelLine';
import { useWhistles } from './useWhistles';

interface ListeningProps {
  readonly model: LiveRoastModel;
  /** What it proposes and what hinders it, for the line that tells. */
  readonly onTells: (tellings: readonly Telling[]) => void;
}

/** Cracks are stored together this often: a write for each would keep an old tablet busy. */
const FLUSH_MS = 1000;

/** Listens to the roast by the device's microphone, logs the cracks it hears and proposes the milestones they make. */
export function Listening({ model, onTells }: ListeningProps) {
  const { roast, situation } = model;
  const { reached, putOff, charged } = situation;
  const [state, setState] = useState<ListenerState>();
  const [deaf, setDeaf] = useState<string>();
  const meter = useRef<HTMLSpanElement>(null);
  const [takenBack, setTakenBack] = useState(0);
  const { whistles, keepsSound } = useHousehold();
  const [unkept, setUnkept] = useState<string>();
  const { said: whistled, onWhistled } = useWhistles(model);
  const ear = useRef<Ear>(undefined);
  // Since the press of Beans in: the charge may be put to another moment.
  const began = useRef<Partial<Record<Heard, number>>>({});
  const latest = useLatest({ roast, reached, charged });
  const [stream, setStream] = useState<MediaStream>();
  const keeps = keepsSound === true && charged;
  useEffect(() => {
    if (stream && keeps) return keepSound(stream, () => latest.current.roast, setUnkept);
    return undefined;
  }, [stream, keeps, latest]);
  useEffect(() => {
    let waiting: RoastCrack[] = [];
    let learnt: HeardOfRoast | undefined;
    const { id, gearId } = latest.current.roast;
    const tells = {
      // Without it listening goes on as on gear that is new.
      gear: knownEar(database(), gearId, id).catch(() => undefined),
      onWhistled: whistles ? onWhistled : undefined,
      onStream: setStream,
      roastS: (wallMs: number) => heatS(latest.current.roast, wallMs),
      onDeaf: setDeaf,
      onHearing: () => {
        setDeaf(undefined);
        // What came before it began to listen.
        for (const milestone of HEARD) {
          const atS = latest.current.reached[milestone];
          if (atS !== undefined) opened.know(milestone, atS);
        }
      },
      onHeard: (now: ListenerState, heard: readonly HeardCrack[]) => {
        showLevel(meter.current, now.levelDb);
        setState((before) => (before && saysTheSame(before, now) ? before : now));
        if (!latest.current.charged) return;
        // Only what a person has taken or marked as first crack says how this gear sounds.
        if (latest.current.reached.firstCrack !== undefined) learnt = now.learnt ?? learnt;
        // When it began is said once: told anew with each block of sound it would waver.
        for (const milestone of HEARD) {
          const soundS = now.course[milestone];
          if (soundS === null) delete began.current[milestone];
          else began.current[milestone] ??= fromPressS(latest.current.roast, opened.roastAt(soundS));
        }
        waiting.push(...heard.map(({ at, kind, sure }) => ({ at: opened.roastAt(at), crack: kind, sure })));
      },
    };
    const opened: Ear = isPractice() ? openEarToBeans(SEED, tells) : openEar(tells);
    ear.current = opened;
    const flush = () => {
      const batch = waiting;
      if (batch.length === 0) return;
      waiting = [];
      // Kept for the next try; the roast may be changing in another tab at this moment.
      logCracks(database(), id, batch, learnt).catch(() => {
        waiting = [...batch, ...waiting];
      });
    };
    const timer = setInterval(flush, FLUSH_MS);
    return () => {
      clearInterval(timer);
      flush();
      opened.stop();
    };
  }, [latest, whistles, onWhistled]);

  useEffect(() => {
    if (charged) ear.current?.charge();
    // What cracked in the preheat is none of the roast's.
    began.current = {};
  }, [charged]);
  // At once here too: the next word from the worker comes a moment later.
  const takeBack = (milestone: Heard) => {
    ear.current?.takeBack(milestone);
    delete began.current[milestone];
    setState((now) => now && { ...now, course: { ...now.course, [milestone]: null } });
    setTakenBack((times) => times + 1);
  };
  useFollowed(reached, (milestone, atS) => {
    if (atS === undefined) takeBack(milestone);
    else ear.current?.know(milestone, atS);
  });
  const proposed = state && charged ? proposalOf(state, reached) : undefined;
  const beganS = proposed && began.current[proposed];
  const atS = beganS === undefined ? undefined : fromChargeS(roast, beganS);
  const key = proposed && `heard:${proposed}:${takenBack}`;
  const refused = key !== undefined && putOff.has(key);
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each that is refused
  useEffect(() => {
    if (!refused || !proposed) return;
    takeBack(proposed);
  }, [refused, proposed]);
  const tells = tellingsOf(
    { whistled, unkept },
    deaf,
    state,
    proposed && key && atS !== undefined && !refused ? { key, atS, milestone: proposed } : undefined,
  );
  const said = JSON.stringify(tells);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only what is said counts
  useEffect(() => onTells(tells), [said]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: nothing is told any more by what is gone
  useEffect(() => () => onTells([]), []);
  return (
    <LevelLine
      meter={meter}
      hears={state !== undefined}
      deaf={deaf !== undefined}
      kept={keeps && unkept === undefined}
    />
  );
}

/** Of the sound of simulated beans. */
const SEED = 11;

/** Calls with each milestone that was marked or taken back since the last drawing. */
function useFollowed(
  reached: Partial<Record<Heard, number | undefined>>,
  onChange: (milestone: Heard, atS: number | undefined) => void,
): void {
  const before = useRef(reached);
  useEffect(() => {
    for (const milestone of HEARD)
      if (reached[milestone] !== before.current[milestone]) onChange(milestone, reached[milestone]);
    before.current = reached;
  });
}

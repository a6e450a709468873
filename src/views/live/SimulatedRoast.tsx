import { useEffect, useRef, useState } from 'react';
import { seededRandom } from '@/core/chance';
import { controlsOf } from '@/core/gear';
import { type LiveEntry, type Milestone, milestoneNames } from '@/core/roast';
import type { BeansNow } from '@/core/simulate';
import { SimulatedProbe, Simulation, shadeAtC } from '@/core/simulate';
import { formatSpan } from '@/core/units';
import { clockSpeed, database } from '@/store/current';
import { inTurn } from '@/store/inTurn';
import type { NamedRoast } from '@/store/queries';
import { logReadings } from '@/store/readings';
import { LinkButton } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';
import { soundSimulated } from '@/workers/ear/simulatedSound';
import { playCrack } from './playCrack';
import type { LiveRoastModel } from './useLiveRoast';

interface SimulatedRoastProps {
  readonly named: NamedRoast;
  readonly model: LiveRoastModel;
  /** How the beans look and move now; the tray draws them. */
  readonly onBeans: (beans: BeansNow) => void;
}

/** A simulated probe speaks every other second of the roast. */
const PROBE_EVERY_S = 2;

/** A simulation under way: so many of its cracks were heard, and so many moves of the log are in it. */
interface Run {
  readonly simulation: Simulation;
  readonly probe: SimulatedProbe;
  heard: number;
  moves: number;
}

interface ProbeReading {
  readonly at: number;
  readonly celsius: number;
}

/** Lets the beans roast on to a second of the roast, with the moves made until then; gives what a probe said meanwhile. */
function advance(run: Run, moves: readonly Move[], toS: number): ProbeReading[] {
  const { simulation, probe } = run;
  const readings: ProbeReading[] = [];
  for (let s = simulation.now().atS + 1; s <= toS; s++) {
    for (const move of moves.slice(run.moves).filter(({ at }) => at < s)) {
      simulation.move(move.control, move.value);
      run.moves++;
    }
    simulation.advanceTo(s);
    const celsius = probe.read(simulation.now());
    if (s % PROBE_EVERY_S === 0 && celsius !== undefined && celsius < MOST_C) readings.push({ at: s, celsius });
  }
  return readings;
}
type Move = Extract<LiveEntry, { kind: 'move' }>;
/** Hotter than beans ever are: the gear alone. */
const MOST_C = 400;

/**
 * The beans of a practice page, while they roast, and afterwards what it came to. They are simulated: they follow the
 * roast's clock and the moves in its log, so a reload finds them where they were. Their cracks are heard, their colour is drawn, and their probe speaks.
 */
export function SimulatedRoast({ named, model, onBeans }: SimulatedRoastProps) {
  const { roast, lot, gear } = named;
  const [beans, setBeans] = useState<BeansNow>();
  const run = useRef<Run>(undefined);
  // At thirty times the pace a slow device would get ever further behind with a write for each second.
  const [kept] = useState(() =>
    inTurn<ProbeReading>((readings) => logReadings(database(), roast.id, readings, 'simulator')),
  );
  const { charged, live, reached, readings: read, nowS: clockS } = model.situation;
  const endS = reached.pull;
  const nowS = Math.floor(endS ?? clockS);
  // biome-ignore lint/correctness/useExhaustiveDependencies: driven by the clock; the log is read as it stands
  useEffect(() => {
    if (!charged) return;
    const moves = live.flatMap((entry) => (entry.kind === 'move' ? [entry] : []));
    if (!run.current || moves.length < run.current.moves) run.current = begin();
    const { simulation } = run.current;
    const fromS = Math.floor(simulation.now().atS);
    const heard = advance(run.current, moves, nowS);
    const last = read.at(-1)?.at ?? 0;
    const readings = gear?.probe ? heard.filter(({ at }) => at > last) : [];
    const fresh = simulation.cracks.slice(run.current.heard);
    run.current.heard = simulation.cracks.length;
    soundSimulated({ fromS, toS: nowS, cracks: fresh });
    for (const { atS, crack } of fresh.slice(-12))
      if (nowS - atS < 3) playCrack(crack, Math.max(0, atS - nowS + 1) / clockSpeed());
    if (endS === undefined) {
      kept.add(...readings);
      void kept.flush();
    }
    setBeans(simulation.now());
    onBeans(simulation.now());
  }, [nowS, charged, live.length]);

  function begin(): Run {
    const seed = [...roast.id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) >>> 0, 7);
    const simulation = new Simulation(
      {
        method: gear?.method ?? 'hotAirPopper',
        controls: controlsOf(gear ?? { method: 'hotAirPopper' }),
        lot: {
          process: lot?.process ?? 'washed',
          grading: lot?.grading,
          gramsPerMl: lot?.gramsPerMl,
          moisturePercent: lot?.moisturePercent,
        },
        greenGrams: roast.greenGrams,
        ambientC: roast.ambientC,
        wind: roast.wind,
      },
      seededRandom(seed),
    );
    return { simulation, probe: new SimulatedProbe(seededRandom(seed + 1)), heard: 0, moves: 0 };
  }

  const simulation = run.current?.simulation;
  if (!beans || !simulation || endS === undefined) return null;
  return <Outcome model={model} beans={beans} simulation={simulation} />;
}

/** How the hand did against what the beans really did. */
function Outcome({
  model,
  beans,
  simulation,
}: {
  readonly model: LiveRoastModel;
  readonly beans: BeansNow;
  readonly simulation: Simulation;
}) {
  const words = useWords();
  const truth: Partial<Record<Milestone, number | undefined>> = { yellow: simulation.yellowS, ...simulation.rolling() };
  return (
    <section className="max-w-2xl">
      <h2 className="text-3xl">
        Out at {words.shade(shadeAtC(beans.brownedC))}, {beans.lossPercent.toFixed(1)} % lighter.
      </h2>
      <p className="text-husk mt-1">
        {beans.scorched > 0.05
          ? `${Math.round(beans.scorched * 100)} % of the beans have scorched spots. `
          : 'No scorched spots. '}
        A practice roast stays out of your journal.
      </p>
      <ul className="mt-4 space-y-1 text-lg">
        {(['yellow', 'firstCrack', 'secondCrack'] as const).map((milestone) => {
          const [was, said] = [truth[milestone], model.situation.reached[milestone]];
          if (was === undefined) return null;
          const off = said === undefined ? undefined : said - was;
          return (
            <li key={milestone}>
              <b>{milestoneNames[milestone]}</b>{' '}
              {off === undefined
                ? 'you did not mark'
                : Math.abs(off) < 3
                  ? 'you marked to the second'
                  : `you marked ${formatSpan(Math.abs(off))} ${off > 0 ? 'late' : 'early'}`}
            </li>
          );
        })}
      </ul>
      <div className="mt-6 flex gap-3">
        <LinkButton href="/practice/" variant="next" size="large">
          Practise again
        </LinkButton>
        <LinkButton href="/" size="large">
          Enough
        </LinkButton>
      </div>
    </section>
  );
}

import { useEffect, useState } from 'react';
import type { Gear } from '@/core/gear';
import { looksFahrenheit, type Reading, streamFault } from '@/core/heat';
import { clockBeganAt, heatS, isUnderWay, type Roast } from '@/core/roast';
import { toCelsius } from '@/core/units';
import { clockSpeed, database } from '@/store/current';
import { inTurn } from '@/store/inTurn';
import { logReadings, takeReadingsBack } from '@/store/readings';
import { useLatest } from '@/ui/useSteady';

/** How the stream stands, and what came of it. */
export interface ProbeState {
  readonly kind: 'none' | 'waiting' | 'listening' | 'silent' | 'lost';
  /** Lines that were no readings and were left out. */
  readonly leftOut: number;
  readonly looksFahrenheit: boolean;
  /** Takes what came so far back and reads what comes from here on as °F. */
  readonly readAsFahrenheit: () => void;
}

/** Readings are stored together this often: one write a second would keep an old tablet busy. */
const FLUSH_MS = 1500;
const SILENT_MS = 12_000;
const HOT_C = 230;

/** Listens to the gear's probe from the preheat to the pull, and logs what it says; the browser connects again by itself. */
export function useProbe(roast: Roast, probe: Gear['probe']): ProbeState {
  const probeName = probe?.name;
  const active = isUnderWay(roast);
  const countedFrom = clockBeganAt(roast);
  const [kind, setKind] = useState<ProbeState['kind']>('none');
  const [leftOut, setLeftOut] = useState(0);
  const [asFahrenheit, setAsFahrenheit] = useState(false);
  const [seemsFahrenheit, setSeemsFahrenheit] = useState(false);
  const fahrenheit = useLatest(asFahrenheit);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the charge and the probe are what a connection depends on
  useEffect(() => {
    if (!probe || !active) return setKind('none');
    setKind('waiting');
    let lastAt: number | undefined;
    let heardMs = Date.now();
    const kept = inTurn<Reading>((readings) => logReadings(database(), roast.id, readings, 'probe', countedFrom));
    let recent: Reading[] = [];
    const odd = () => setLeftOut((count) => count + 1);
    const opened = () => setKind((now) => (now === 'lost' ? 'listening' : now));
    const lost = () => setKind('lost');
    const hear = (said: number, atMs: number) => {
      const at = heatS(roast, atMs) * clockSpeed();
      const celsius = fahrenheit.current ? toCelsius(said, 'F') : said;
      if (streamFault(celsius, at, lastAt)) return odd();
      heardMs = Date.now();
      lastAt = at;
      const reading = { at, celsius, streamed: true };
      kept.add(reading);
      recent = [...recent.slice(-4), reading];
      setSeemsFahrenheit(!fahrenheit.current && looksFahrenheit(recent));
      setKind('listening');
    };
    let left = false;
    let stop = () => {
      left = true;
    };
    // Few have a probe; what it takes is fetched for them.
    void import('./hearProbe').then(({ hearProbe }) => {
      if (!left) stop = hearProbe(roast, probe, { onReading: hear, onOdd: odd, onLost: lost, onOpen: opened });
    });
    const timer = setInterval(() => {
      if (Date.now() - heardMs > SILENT_MS) setKind((now) => (now === 'listening' ? 'silent' : now));
      void kept.flush();
    }, FLUSH_MS);
    return () => {
      stop();
      clearInterval(timer);
      void kept.flush();
    };
  }, [probeName, active, roast.id, countedFrom, roast.clockShiftMs]);
  return {
    kind,
    leftOut,
    looksFahrenheit: seemsFahrenheit,
    readAsFahrenheit: () => {
      setAsFahrenheit(true);
      setSeemsFahrenheit(false);
      void takeReadingsBack(database(), roast.id, (celsius) => celsius > HOT_C);
    },
  };
}

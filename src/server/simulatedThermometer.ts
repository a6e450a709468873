import * as z from 'zod';
import { seededRandom } from '@/core/chance';
import { type MethodId, methodIds, methodOf } from '@/core/gear';
import { SimulatedProbe, Simulation } from '@/core/simulate';
import { LIMITS } from './limits.ts';

/** What a simulated thermometer can be asked for, with its limits. */
export interface ThermometerRequest {
  readonly method: MethodId;
  readonly greenGrams: number;
  /** Seconds of roast to a second of clock, 1 to 60. */
  readonly speed: number;
  readonly seed: number;
}

/** Reads the request off the address; anything odd falls back to a popper at its own pace. */
export function thermometerRequest(query: URLSearchParams): ThermometerRequest {
  const asked = query.get('method');
  const method = methodIds.find((id) => id === asked) ?? 'hotAirPopper';
  const number = (name: string, least: number, most: number, usual: number) => {
    const value = Number(query.get(name) ?? usual);
    return Number.isFinite(value) ? Math.min(most, Math.max(least, value)) : usual;
  };
  return {
    method,
    greenGrams: number('grams', 10, 1000, methodOf(method).batchGrams.usual),
    speed: number('speed', 1, 60, 1),
    seed: number('seed', 0, 2 ** 31, 1),
  };
}

/** When the simulated beans went in, Unix milliseconds; now where nothing sensible was asked. */
export function chargedMsOf(query: URLSearchParams, nowMs: number): number {
  const asked = z.coerce
    .number()
    .int()
    .safeParse(query.get('charged') ?? nowMs);
  const at = asked.success ? asked.data : nowMs;
  return at >= nowMs - LIMITS.chargedAgoMs && at <= nowMs + LIMITS.chargedAheadMs ? at : nowMs;
}

const LONGEST_S = 3600;

/**
 * A probe in simulated beans that went in at `chargedMs`: calls `say` with a line of the probe protocol for each second of
 * the roast, as they pass at its speed. Gives the way to stop.
 */
export function runThermometer(
  request: ThermometerRequest,
  chargedMs: number,
  say: (line: string) => void,
): () => void {
  const { method, greenGrams, speed, seed } = request;
  const { controls } = methodOf(method);
  const simulation = new Simulation({ method, controls, lot: { process: 'washed' }, greenGrams }, seededRandom(seed));
  const probe = new SimulatedProbe(seededRandom(seed + 1));
  let roastS = 0;
  const timer = setInterval(() => {
    const dueS = Math.min(LONGEST_S, ((Date.now() - chargedMs) / 1000) * speed);
    while (roastS + 1 <= dueS) {
      roastS++;
      simulation.advanceTo(roastS);
      const celsius = probe.read(simulation.now());
      if (celsius !== undefined)
        say(JSON.stringify({ celsius, at: new Date(chargedMs + (roastS / speed) * 1000).toISOString() }));
    }
    if (roastS >= LONGEST_S) clearInterval(timer);
  }, 250);
  return () => clearInterval(timer);
}

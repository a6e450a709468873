import { STALL_PER_MIN } from '../rateOfRise.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

const SOON_S = 10;
const SECOND_NEAR_S = 15;
const STALL_AGAIN_S = 120;

/** The next pull, whole or a part: soon, now; second crack near where none is wanted; a stall on the way. */
export function pulls(situation: HeatSituation): Telling[] {
  return [...nextPull(situation), ...secondNear(situation), ...stalled(situation)];
}

function nextPull({ pulls: due, heard, nowS, words }: HeatSituation): Telling[] {
  const [next] = due;
  if (!next || heard.firstCrack === undefined) return [];
  const left = next.dueS - nowS;
  const what = next.last ? 'Pull' : `Take part ${next.index + 1}`;
  const shade = words.shade(next.shade);
  if (left <= 0) {
    // Once second crack rolls its own counting speaks, and never of a shade that is past.
    if (next.last && heard.secondCrack !== undefined) return [];
    const why =
      next.by === 'guard'
        ? 'second crack is close'
        : next.probe
          ? `${words.temperature(next.probe.targetC)}, ${shade}`
          : shade;
    return [{ key: `pullNow${next.index}`, level: 'due', text: `${what} now: ${why}.` }];
  }
  if (left > SOON_S) return [];
  return [
    {
      key: `pullSoon${next.index}`,
      level: 'soon',
      text: `${what} in ten seconds${next.last ? '. Cooling ready?' : `: ${shade}.`}`,
    },
  ];
}

function secondNear({ pulls: due, heard, forecasts, nowS }: HeatSituation): Telling[] {
  const last = due.at(-1);
  const second = forecasts.find(({ milestone }) => milestone === 'secondCrack');
  if (!last || last.shade > 4 || !second || heard.firstCrack === undefined || heard.secondCrack !== undefined)
    return [];
  const near = second.earlyS - nowS <= SECOND_NEAR_S && second.medianS - nowS <= 2 * SECOND_NEAR_S;
  return near ? [{ key: 'secondNear', level: 'due', text: 'Second crack is near. Pull before it begins.' }] : [];
}

function stalled({ heard, ratePerMin, nowS }: HeatSituation): Telling[] {
  if (heard.yellow === undefined || ratePerMin === undefined || ratePerMin >= STALL_PER_MIN) return [];
  const key = `stall${Math.floor(nowS / STALL_AGAIN_S)}`;
  return [{ key, level: 'due', text: 'It has stopped rising. A little more heat, or it bakes.' }];
}

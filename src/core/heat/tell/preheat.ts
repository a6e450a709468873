import { weatherWord } from '../../forecast/index.ts';
import { formatClock } from '../../units/index.ts';
import { isFresh } from '../rateOfRise.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** A preheat runs long from half as much again on, and from at least so much, seconds. Ours. */
const LONG = { times: 1.5, leastS: 180 } as const;
const SOON_S = 30;
/** The weather is told for so long after the charge, seconds. */
const WEATHER_S = 45;

/** What there is to wait for while the gear heats up; nothing where no target is known. */
export interface PreheatTarget {
  readonly words: string;
  readonly reached: boolean;
  /** Seconds that are left, where they can be told. */
  readonly leftS: number | undefined;
}

/** How the preheat stands against its target: a reading where there is one, else the minutes, else a thing to look for. */
export function preheatTarget({
  preheat,
  readings,
  ratePerMin,
  nowS,
  words,
}: HeatSituation): PreheatTarget | undefined {
  const { celsius, minutes, sign } = preheat;
  const last = readings.at(-1);
  if (celsius !== undefined && last && isFresh(last, nowS)) {
    const left = celsius - last.celsius;
    const leftS = ratePerMin !== undefined && ratePerMin > 1 ? Math.max(0, (left / ratePerMin) * 60) : undefined;
    return { words: words.temperature(celsius), reached: left <= 0, leftS: left <= 0 ? 0 : leftS };
  }
  if (minutes !== undefined && minutes > 0) {
    const leftS = minutes * 60 - nowS;
    return { words: formatClock(minutes * 60), reached: leftS <= 0, leftS: Math.max(0, leftS) };
  }
  if (sign) return { words: sign, reached: false, leftS: undefined };
  return celsius === undefined ? undefined : { words: words.temperature(celsius), reached: false, leftS: undefined };
}

/** While the gear heats up: hot enough, soon so, too long, and what the weather does. */
export function preheating(situation: HeatSituation): Telling[] {
  const target = preheatTarget(situation);
  const word = weatherNow(situation);
  const weather: Telling[] = word ? [{ key: 'weather', level: 'note', text: word }] : [];
  const meantS = (situation.preheat.minutes ?? 0) * 60;
  const long = Math.max(meantS * LONG.times, meantS + LONG.leastS);
  if (meantS > 0 && situation.nowS >= long)
    return [
      {
        key: `long${Math.floor((situation.nowS - long) / 120)}`,
        level: 'due',
        text: `Heating for ${formatClock(situation.nowS)}, ${formatClock(meantS)} was meant. Beans in, or heat off.`,
      },
      ...weather,
    ];
  if (target?.reached)
    return [{ key: 'hot', level: 'due', text: `Hot enough: ${target.words}. Beans in.` }, ...weather];
  if (target?.leftS !== undefined && target.leftS <= SOON_S)
    return [{ key: 'hotSoon', level: 'soon', text: 'Hot enough in about half a minute. Beans weighed?' }, ...weather];
  if (target && situation.preheat.sign === target.words)
    return [{ key: 'sign', level: 'note', text: `Hot enough when: ${target.words}.` }, ...weather];
  return weather;
}

/** The weather, where it matters outdoors, at the beginning of a roast. */
export function weatherAtCharge(situation: HeatSituation): Telling[] {
  const word = situation.nowS < WEATHER_S ? weatherNow(situation) : undefined;
  return word ? [{ key: 'weather', level: 'note', text: word }] : [];
}

const weatherNow = ({ batch, method }: HeatSituation) =>
  batch.place === 'outdoors' ? weatherWord({ ambientC: batch.ambientC, wind: batch.wind }, method.id) : undefined;

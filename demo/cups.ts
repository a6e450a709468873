import { normal, type Random } from '../src/core/chance/index.ts';
import { createId } from '../src/core/ids/index.ts';
import { pullsOf, type Roast } from '../src/core/roast/index.ts';
import { type Cup, createFlight, type Flight, type FlightKey } from '../src/core/taste/index.ts';

const DAY_MS = 86_400_000;
const TASTERS = ['Ada', 'Bo'] as const;
/** Words for each liking, from one star to five. */
const WORDS = [
  ['ashy', 'harsh'],
  ['tart', 'flat'],
  ['nuts', 'tea'],
  ['caramel', 'orange'],
  ['toffee', 'orange', 'honey'],
] as const;

const half = (value: number) => Math.round(Math.min(10, Math.max(0, value)) * 2) / 2;

/** A cup for every roast that was liked or not, some days after it where that was before today, scored around its stars. */
export function demoCups(roasts: readonly Roast[], todayMs: number, random: Random): Cup[] {
  const cups = roasts.flatMap((roast, i): Cup[] => {
    const pull = pullsOf(roast).at(-1);
    if (!roast.stars || !pull || i % 3 === 1) return [];
    const around = (spread: number) => half((roast.stars ?? 3) * 1.7 + 1 + normal(random) * spread);
    return [
      {
        id: createId('cup', random),
        roastId: roast.id,
        pullId: pull.id,
        tastedAt: new Date(Date.parse(roast.createdAt) + (4 + random() * 5) * DAY_MS).toISOString(),
        taster: TASTERS[i % 2] as string,
        sheet: {
          smell: around(0.8),
          brightness: around(1.2),
          sweetness: around(0.8),
          body: around(1),
          finish: around(0.8),
          overall: around(0.4),
        },
        words: [...(WORDS[roast.stars - 1] ?? [])].slice(0, 2),
        brew: { how: 'immersion', grams: 15, waterMl: 250 },
      },
    ];
  });
  return cups.filter(({ tastedAt }) => Date.parse(tastedAt) < todayMs);
}

interface BlindFlight {
  readonly flight: Flight;
  readonly key: FlightKey;
}

/** A blind triangle that was noticed: an earlier roast with the lid on against one with the lid off from yellow. */
export function demoTriangle(on: Roast, off: Roast, random: Random): BlindFlight {
  const cups = [contender(on, 'Lantern Terrace, lid on'), contender(off, 'Lantern Terrace, lid off from yellow')];
  return demoFlight('triangle', cups, 6, daysAfter(off, 5), random, (codes, key, i) => {
    const odd = codes.find((code) => Object.values(key).filter((cup) => cup === key[code]).length === 1);
    // One of the six was a guess that went wrong.
    return i === 3 ? codes.find((code) => code !== odd) : odd;
  });
}

/** A blind preference on which all four sheets agree: the darker one. */
export function demoPreference(lighter: Roast, darker: Roast, random: Random): BlindFlight {
  const cups = [contender(lighter, 'Kite Hill, cinnamon to light'), contender(darker, 'Kite Hill, a shade darker')];
  return demoFlight('preference', cups, 4, daysAfter(darker, 6), random, (codes, key) =>
    codes.find((code) => key[code] === 1),
  );
}

function demoFlight(
  question: Flight['question'],
  contenders: Flight['contenders'],
  sheets: number,
  createdAt: string,
  random: Random,
  pick: (codes: readonly string[], key: Readonly<Record<string, number>>, i: number) => string | undefined,
): BlindFlight {
  const tasters = Array.from({ length: sheets }, (_, i) => TASTERS[i % 2] as string);
  const { flight, key } = createFlight(
    { id: createId('flight', random), question, contenders, tasters, createdAt },
    random,
  );
  const trials = flight.trials.map((trial, i) => ({
    ...trial,
    picked: pick(trial.codes, key.trials[i] ?? {}, i) as string,
    answeredAt: createdAt,
  }));
  return { flight: { ...flight, trials, endedAt: createdAt }, key };
}

function contender(roast: Roast, name: string) {
  const pull = pullsOf(roast).at(-1);
  return { name, roastId: roast.id, ...(pull ? { pullId: pull.id } : {}) };
}

function daysAfter({ createdAt }: Roast, days: number): string {
  return new Date(Date.parse(createdAt) + days * DAY_MS).toISOString();
}

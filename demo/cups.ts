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

/** A cup for every roast that was liked or not, some days after it, scored around its stars. */
export function demoCups(roasts: readonly Roast[], random: Random): Cup[] {
  return roasts.flatMap((roast, i): Cup[] => {
    const pull = pullsOf(roast).at(-1);
    if (!roast.stars || !pull || i % 3 === 1) return [];
    const around = (spread: number) => half((roast.stars ?? 3) * 1.7 + 1 + normal(random) * spread);
    return [
      {
        id: createId('cup', random),
        roastId: roast.id,
        pullId: pull.id,
        at: new Date(Date.parse(roast.createdAt) + (4 + random() * 5) * DAY_MS).toISOString(),
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
}

/** A blind triangle that was noticed: an earlier roast with the lid on against one with the lid off from yellow. */
export function demoFlight(
  on: Roast,
  off: Roast,
  random: Random,
): { readonly flight: Flight; readonly key: FlightKey } {
  const createdAt = new Date(Date.parse(off.createdAt) + 5 * DAY_MS).toISOString();
  const contender = (roast: Roast, name: string) => {
    const pull = pullsOf(roast).at(-1);
    return { name, roastId: roast.id, ...(pull ? { pullId: pull.id } : {}) };
  };
  const { flight, key } = createFlight(
    {
      id: createId('flight', random),
      question: 'triangle',
      contenders: [contender(on, 'Lantern Terrace, lid on'), contender(off, 'Lantern Terrace, lid off from yellow')],
      tasters: ['Ada', 'Bo', 'Ada', 'Bo', 'Ada', 'Bo'],
      createdAt,
    },
    random,
  );
  const trials = flight.trials.map((trial, i) => {
    const its = key.trials[i] ?? {};
    const odd = trial.codes.find(
      (code) => Object.values(its).filter((cup) => cup === its[code]).length === 1,
    ) as string;
    // One of the six was a guess that went wrong.
    const picked = i === 3 ? (trial.codes.find((code) => code !== odd) as string) : odd;
    return { ...trial, picked, answeredAt: createdAt };
  });
  return { flight: { ...flight, trials, endedAt: createdAt }, key };
}

import { withNamedMoments } from './namedMoments.ts';

/** A step from one version of the file to the next. It must not import today's types or helpers. */
export interface NotebookStep {
  readonly from: number;
  readonly name: string;
  readonly step: (file: Record<string, unknown>) => Record<string, unknown>;
}

/** What a household used when use had no date yet, it used since ever. */
const BEFORE_GANDER = '2020-01-01';

type Row = Record<string, unknown>;
const rows = (value: unknown): Row[] => (Array.isArray(value) ? value : []);

/** Every step ever released, oldest first. A released one is never edited. */
export const notebookSteps: readonly NotebookStep[] = [
  {
    from: 1,
    name: 'lots are bought in packs; the household has money and use; there are roast days',
    step: (file) => ({
      ...file,
      version: 2,
      household: file.household && {
        temperatureUnit: 'C',
        currency: 'EUR',
        people: 1,
        gramsPerPersonDay: 29,
        mugMl: 240,
        gramsPerLitre: 60,
        restSchool: 'usual',
        cueTone: true,
        cueSpeech: true,
        cueVibration: true,
        cueText: true,
        readingEveryS: 30,
        takesCracks: false,
        ...(file.household as Row),
      },
      lots: rows(file.lots).map(({ boughtGrams, ...lot }) => ({
        ...lot,
        packs: [{ grams: boughtGrams, boughtOn: String(lot.createdAt).slice(0, 10) }],
      })),
      days: [],
      jars: [],
      cups: [],
      flights: [],
      flightKeys: [],
    }),
  },
  {
    from: 2,
    name: 'recipes, experiments and saved views of the journal',
    step: (file) => ({ ...file, version: 3, recipes: [], experiments: [], journalViews: [] }),
  },
  {
    from: 3,
    name: 'planned moves can be skipped, reminders come again, gear says when it is hot enough',
    step: (file) => ({ ...file, version: 4 }),
  },
  {
    from: 4,
    name: 'the household has a first day of the week, a clock of 12 or 24 hours, plans ahead, and what it used before',
    step: (file) => ({
      ...file,
      version: 5,
      household: file.household && {
        weekStart: 1,
        hourClock: '24',
        useSince: BEFORE_GANDER,
        ...(file.household as Row),
      },
    }),
  },
  {
    from: 5,
    name: 'moments of weighings, jars, cups and photos have names of their own',
    step: (file) => ({
      ...file,
      version: 6,
      ...Object.fromEntries(
        ['lots', 'jars', 'cups', 'roasts'].map((table) => [
          table,
          rows(file[table]).map((row) => withNamedMoments(table, row)),
        ]),
      ),
    }),
  },
];

import Papa from 'papaparse';
import { lotTitle } from '../bean/index.ts';
import { type Control, controlsOf, settingWords } from '../gear/index.ts';
import type { Household } from '../household/index.ts';
import {
  finalShade,
  type LiveEntry,
  liveEntries,
  meantShade,
  milestoneNames,
  milestonesOfRoast,
  preheatS,
  type Roast,
  roastedGrams,
} from '../roast/index.ts';
import { lossPercent, shadeName } from '../shade/index.ts';
import { sheetLines } from '../taste/index.ts';
import { fromCelsius, weightFieldText } from '../units/index.ts';
import type { NotebookContent } from './notebook.ts';

/** The tables that a spreadsheet can have of a notebook. */
export const tableKinds = ['roasts', 'readings', 'marks', 'cups'] as const;
/** One of `tableKinds`. */
export type TableKind = (typeof tableKinds)[number];

type Row = Readonly<Record<string, string | number | undefined>>;

/**
 * One table of a notebook as CSV (RFC 4180, with a byte order mark, so that spreadsheets read its letters rightly). Units stand in the
 * headings, in those of the household; times of a roast are seconds from the charge, moments UTC. No cell can be taken for a formula.
 */
export function formatTable(kind: TableKind, content: NotebookContent, household: Household): string {
  const { headings, rows } = tables[kind](content, units(household), household);
  const body = Papa.unparse(
    { fields: headings as string[], data: rows.map((row) => headings.map((heading) => row[heading] ?? '')) },
    { newline: '\r\n', escapeFormulae: FORMULA },
  );
  return `\ufeff${body}\r\n`;
}

/** What a spreadsheet would reckon; the package's own pattern misses cells of several lines. */
const FORMULA = /^[=+\-@\t\r]/;

type Units = ReturnType<typeof units>;
interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly Row[];
}

const round = (value: number, to: number) => Math.round(value * to) / to;

function units({ weightUnit, temperatureUnit }: Pick<Household, 'weightUnit' | 'temperatureUnit'>) {
  return {
    weightName: weightUnit,
    degreesName: `°${temperatureUnit}`,
    weight: (grams: number | undefined) =>
      grams === undefined ? undefined : Number(weightFieldText(grams, weightUnit)),
    degrees: (celsius: number | undefined) =>
      celsius === undefined ? undefined : round(fromCelsius(celsius, temperatureUnit), 10),
  };
}

/** What names a roast in every table: its id, when it was, and what was roasted in what. */
function naming({ lots, gear }: NotebookContent) {
  const lotNames = new Map(lots.map((lot) => [lot.id as string, lotTitle(lot)]));
  const gearNames = new Map(gear.map(({ id, nickname }) => [id as string, nickname]));
  return (roast: Roast): Row => ({
    roast: roast.id,
    'beans in (UTC)': roast.chargedAt ?? roast.createdAt,
    beans: lotNames.get(roast.lotId) ?? '',
    gear: gearNames.get(roast.gearId) ?? '',
  });
}
const NAMES = ['roast', 'beans in (UTC)', 'beans', 'gear'] as const;

const tables: Readonly<Record<TableKind, (content: NotebookContent, units: Units, household: Household) => Table>> = {
  roasts: (content, { weight, weightName, degrees, degreesName }, { shadeNames }) => {
    const named = naming(content);
    const times = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const;
    const rows = content.roasts.map((roast): Row => {
      const reached = milestonesOfRoast(roast);
      const roasted = roastedGrams(roast);
      const shade = finalShade(roast);
      return {
        ...named(roast),
        [`green (${weightName})`]: weight(roast.greenGrams),
        [`roasted (${weightName})`]: weight(roasted),
        'loss (%)': roasted === undefined ? undefined : round(lossPercent(roast.greenGrams, roasted), 10),
        'shade wanted': shadeName(meantShade(roast), shadeNames),
        shade: shade && shadeName(shade, shadeNames),
        'preheated (s)': roast.preheatedAt ? round(preheatS(roast), 1) : undefined,
        ...Object.fromEntries(times.map((each) => [`${milestoneNames[each]} (s)`, reached[each]])),
        [`air (${degreesName})`]: degrees(roast.ambientC),
        place: roast.place,
        wind: roast.wind,
        evenness: roast.evenness,
        stars: roast.stars,
        tags: roast.tags?.join(', '),
        note: roast.note,
      };
    });
    const headings = [
      ...NAMES,
      `green (${weightName})`,
      `roasted (${weightName})`,
      'loss (%)',
      'shade wanted',
      'shade',
      'preheated (s)',
      ...times.map((each) => `${milestoneNames[each]} (s)`),
      `air (${degreesName})`,
      'place',
      'wind',
      'evenness',
      'stars',
      'tags',
      'note',
    ];
    return { headings, rows };
  },
  readings: (content, { degrees, degreesName }) => {
    const named = naming(content);
    const rows = content.roasts.flatMap((roast) =>
      liveEntries(roast.entries).flatMap((entry): Row[] =>
        entry.kind === 'reading'
          ? [
              {
                ...named(roast),
                'at (s)': entry.at,
                [`reading (${degreesName})`]: degrees(entry.celsius),
                by: entry.source,
              },
            ]
          : [],
      ),
    );
    return { headings: [...NAMES, 'at (s)', `reading (${degreesName})`, 'by'], rows };
  },
  marks: (content, { weight, weightName }) => {
    const named = naming(content);
    const gear = new Map(content.gear.map((each) => [each.id as string, each]));
    const rows = content.roasts.flatMap((roast) =>
      liveEntries(roast.entries).flatMap((entry): Row[] =>
        entry.kind === 'reading'
          ? []
          : [
              {
                ...named(roast),
                'at (s)': entry.at,
                'pressed at (s)': entry.pressedAt,
                what: whatOf(entry, controlsOf(gear.get(roast.gearId))),
                value: saidOf(entry),
                [`weight (${weightName})`]: weight(entry.kind === 'pull' ? entry.grams : undefined),
                by: entry.source,
              },
            ],
      ),
    );
    return { headings: [...NAMES, 'at (s)', 'pressed at (s)', 'what', 'value', `weight (${weightName})`, 'by'], rows };
  },
  cups: (content, { weight, weightName, degrees, degreesName }) => {
    const named = naming(content);
    const roasts = new Map(content.roasts.map((roast) => [roast.id as string, roast]));
    const rows = content.cups.map((cup): Row => {
      const roast = cup.roastId && roasts.get(cup.roastId);
      return {
        cup: cup.id,
        'tasted (UTC)': cup.tastedAt,
        ...(roast ? named(roast) : { roast: cup.roastId, beans: cup.name }),
        taster: cup.taster,
        ...cup.sheet,
        words: cup.words.join(', '),
        note: cup.note,
        'brewed as': cup.brew?.how,
        [`dose (${weightName})`]: weight(cup.brew?.grams),
        'water (ml)': cup.brew?.waterMl,
        [`water (${degreesName})`]: degrees(cup.brew?.celsius),
        'steeped (s)': cup.brew?.steepS,
      };
    });
    const headings = [
      'cup',
      'tasted (UTC)',
      ...NAMES,
      'taster',
      ...sheetLines,
      'overall',
      'words',
      'note',
      'brewed as',
      `dose (${weightName})`,
      'water (ml)',
      `water (${degreesName})`,
      'steeped (s)',
    ];
    return { headings, rows };
  },
};

function whatOf(entry: LiveEntry, controls: readonly Control[]): string {
  switch (entry.kind) {
    case 'mark':
      return milestoneNames[entry.milestone];
    case 'crack':
      return entry.crack === 'first' ? 'a pop' : 'a snap';
    case 'pull':
      return entry.all ? 'pull' : 'pull of a part';
    case 'move':
      return `move: ${settingWords(controls, entry.control)}`;
    case 'sense':
      return entry.sense;
    default:
      return entry.kind;
  }
}

function saidOf(entry: LiveEntry): string | number | undefined {
  switch (entry.kind) {
    case 'pull':
      return entry.shade;
    case 'move':
      return entry.value;
    case 'smell':
      return entry.smell;
    case 'colour':
      return entry.tone;
    case 'sense':
      return entry.word;
    case 'note':
      return entry.text;
    default:
      return undefined;
  }
}

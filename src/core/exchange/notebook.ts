import * as z from 'zod';
import { lotSchema } from '../bean/index.ts';
import { experimentSchema } from '../experiment/index.ts';
import { gearSchema } from '../gear/index.ts';
import { householdSchema } from '../household/index.ts';
import { journalViewSchema } from '../journal/index.ts';
import { roastDaySchema } from '../plan/index.ts';
import { recipeSchema } from '../recipe/index.ts';
import { roastSchema } from '../roast/index.ts';
import { jarSchema } from '../shelf/index.ts';
import { cupSchema, flightKeySchema, flightSchema } from '../taste/index.ts';
import { type ContentTable, contentTables, noContent } from './contentTables.ts';

/** In every file; never change it. */
export const NOTEBOOK_FORMAT = 'gander-notebook';
/** The version that this code writes. A released version is never edited: add a step to `notebookSteps`. */
export const NOTEBOOK_VERSION = 6;

/** The whole notebook, or one roast with its lot and gear: the same shape. Described in docs/file-format.md. */
export const notebookSchema = z.strictObject({
  format: z.literal(NOTEBOOK_FORMAT),
  version: z.literal(NOTEBOOK_VERSION),
  /** When the file was saved, UTC. */
  savedAt: z.iso.datetime(),
  /** The household's settings; absent in a file of single roasts. */
  household: householdSchema.optional(),
  lots: z.array(lotSchema),
  gear: z.array(gearSchema),
  roasts: z.array(roastSchema),
  days: z.array(roastDaySchema),
  jars: z.array(jarSchema),
  cups: z.array(cupSchema),
  flights: z.array(flightSchema),
  /** Which code is which in each flight. */
  flightKeys: z.array(flightKeySchema),
  recipes: z.array(recipeSchema),
  experiments: z.array(experimentSchema),
  /** Saved views of the journal. */
  journalViews: z.array(journalViewSchema),
});
/** As `notebookSchema` has it, field by field. */
export type Notebook = z.infer<typeof notebookSchema>;

/** What a notebook holds besides its heading. */
export type NotebookContent = Pick<Notebook, 'household' | ContentTable>;

/** Writes a notebook as indented JSON that ends in a line feed. `savedAt` is an ISO date and time, UTC. */
export function formatNotebook(content: NotebookContent, savedAt: string): string {
  const { begin, rows, end } = notebookText(savedAt, content.household);
  return [begin, ...contentTables.map((table) => rows(table, content[table])), end()].join('');
}

/**
 * The same piece by piece, since a notebook of years is too large to lie in memory as one text: `begin`, then `rows` table by table in the
 * order of `contentTables`, of one table as often as wanted, then `end`.
 */
export function notebookText(savedAt: string, household?: NotebookContent['household']) {
  let open: { table: ContentTable; isEmpty: boolean } | undefined;
  const close = () => (open ? `${open.isEmpty ? '[' : '\n '}]` : '');
  const heading = { format: NOTEBOOK_FORMAT, version: NOTEBOOK_VERSION, savedAt, ...(household ? { household } : {}) };
  return {
    begin: JSON.stringify(heading, null, 1).slice(0, -'\n}'.length),
    rows: (table: ContentTable, rows: readonly unknown[]): string => {
      const before = open?.table === table ? '' : `${close()},\n ${JSON.stringify(table)}: `;
      if (open?.table !== table) open = { table, isEmpty: true };
      if (rows.length === 0) return before;
      const comma = open.isEmpty ? '[' : ',';
      open.isEmpty = false;
      return `${before}${comma}${rowsText(rows)}`;
    },
    end: () => `${close()}\n}\n`,
  };
}

/** Rows with their commas, as deep as they stand in the file: within one list more, of which the brackets are cut off. */
const rowsText = (rows: readonly unknown[]): string =>
  JSON.stringify([rows], null, 1).slice('[\n ['.length, -'\n ]\n]'.length);

/** The part of a notebook that some roasts need: themselves, their lots with what those were blended of, and their gear. */
export function roastContent(content: NotebookContent, ...roastIds: readonly string[]): NotebookContent {
  const wanted = new Set<string>(roastIds);
  const roasts = content.roasts.filter((roast) => wanted.has(roast.id));
  const lots = content.lots.filter((lot) => roasts.some((roast) => roast.lotId === lot.id));
  const parts = lots.flatMap((lot) => lot.blendOf?.map((part) => part.lotId as string) ?? []);
  return {
    ...noContent,
    lots: content.lots.filter((lot) => lots.includes(lot) || parts.includes(lot.id)),
    gear: content.gear.filter((gear) => roasts.some((roast) => roast.gearId === gear.id)),
    roasts,
    jars: content.jars.filter((jar) => wanted.has(jar.roastId)),
    cups: content.cups.filter((cup) => wanted.has(cup.roastId ?? '') && cup.flightId === undefined),
    recipes: content.recipes.filter((recipe) => roasts.some((roast) => roast.recipeId === recipe.id)),
  };
}

/** One recipe with what it speaks of, to be given to somebody. */
export function recipeContent(content: NotebookContent, recipeId: string): NotebookContent {
  const recipes = content.recipes.filter(({ id }) => id === recipeId);
  return {
    ...noContent,
    lots: content.lots.filter(({ id }) => recipes.some(({ lotId }) => lotId === id)),
    gear: content.gear.filter(({ id }) => recipes.some(({ gearId }) => gearId === id)),
    recipes,
  };
}

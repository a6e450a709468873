import type { LeftOut, Notebook } from '@/core/exchange';
import { issueSentence, type Result, success } from '@/core/issues';
import { counted } from '@/core/units';
import { type Beside, type Bundle, bringBeside, isZip, unzipped } from './bundle.ts';
import type { Manner } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { decodeText } from './decodeText.ts';
import { keepDone } from './done.ts';
import { type ReadFile, readFile } from './fileKinds.ts';
import { type ContentComparison, compareContent, loadContent, type Preference } from './notebook.ts';
import { doneOf, type Notice } from './notices.ts';

/** What was left out of a damaged file, without the rows themselves. */
export type LeftOutName = Omit<LeftOut, 'row' | 'id'>;

/** What a chosen file turned out to be. */
export type Opened =
  | { readonly kind: 'table'; readonly text: string }
  | { readonly kind: 'refused'; readonly reasons: readonly string[] }
  | {
      readonly kind: 'notebook';
      readonly comparison: readonly ContentComparison[];
      readonly hasSettings: boolean;
      /** Of how many roasts there are sounds and photos in it, and how many it lists that cannot be read. */
      readonly beside: Readonly<Record<Beside, number>> & { readonly lost: number };
      /** A whole notebook is one's own; single roasts and recipes may have been given by somebody. */
      readonly canBeTheirs: boolean;
      /** Beans and gear that nobody here has are most likely somebody else's. */
      readonly isProbablyMine: boolean;
      readonly damage: { readonly cutOff: boolean; readonly count: number; readonly first: readonly LeftOutName[] };
    };

/** A notebook file as it was read, with what had to be left out of it. */
export interface FileIn {
  readonly notebook: Notebook;
  readonly leftOut: readonly LeftOut[];
  /** The sounds and photos of its roasts, where they were saved with it. */
  readonly beside: Pick<Bundle, Beside>;
}

/** So many of the things that were left out are named. */
const NAMED = 8;

/** Reads a file and says what it would bring; nothing is changed. */
export async function openFile(
  db: GanderDatabase,
  blob: Blob,
): Promise<{ readonly opened: Opened; readonly file?: FileIn }> {
  const read = await readBundle(blob);
  if (!read.ok) return { opened: { kind: 'refused', reasons: read.issues.map(issueSentence) } };
  if (read.value.kind === 'table') return { opened: { kind: 'table', text: read.value.text } };
  const { notebook, leftOut, cutOff, sounds, photos, lost } = read.value;
  const { household, roasts, recipes, gear } = notebook;
  const roastsOf = (all: readonly { readonly roastId: string }[]) => new Set(all.map(({ roastId }) => roastId)).size;
  const mine = await db.gear.count();
  const known = await db.gear
    .where('id')
    .anyOf(gear.map(({ id }) => id))
    .count();
  return {
    file: { notebook, leftOut, beside: { sounds, photos } },
    opened: {
      kind: 'notebook',
      comparison: await compareContent(db, notebook),
      hasSettings: household !== undefined,
      beside: { sounds: roastsOf(sounds), photos: roastsOf(photos), lost },
      canBeTheirs: household === undefined && roasts.length + recipes.length > 0,
      isProbablyMine: known > 0 || mine === 0,
      damage: {
        cutOff,
        count: leftOut.length,
        first: leftOut.slice(0, NAMED).map(({ row: _, id: __, ...name }) => name),
      },
    },
  };
}

/** What a file holds, with what lies beside it in a zip. A function of its own, so that its bytes are let go once they are read. */
async function readBundle(blob: Blob): Promise<Result<ReadFile & Omit<Bundle, 'notebook'>>> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  const bundle = isZip(bytes) ? unzipped(bytes) : success({ notebook: bytes, sounds: [], photos: [], lost: 0 });
  if (!bundle.ok) return bundle;
  const { notebook, ...beside } = bundle.value;
  const read = readFile(decodeText(notebook));
  return read.ok ? success({ ...read.value, ...beside }) : read;
}

/** What was left out of a file, as a file to keep. */
export function leftOutText({ leftOut }: FileIn): string {
  return `${JSON.stringify(
    leftOut.map(({ table, row }) => ({ table, row })),
    null,
    1,
  )}\n`;
}

/** Brings a file into the notebook and puts that on the list of what was done; gives what to say. */
export async function bringIn(
  db: GanderDatabase,
  { notebook, beside }: FileIn,
  name: string,
  preference: Preference,
  manner: Omit<Manner, 'readFromFile'>,
): Promise<Notice> {
  const change = await loadContent(db, notebook, preference, manner);
  const along = await broughtWords(db, beside);
  if (change.length + along.brought.length === 0)
    return { text: `Everything in ${name} was here already.${along.failed}` };
  const text = `${name} is loaded: ${[...loadedWords(change), ...along.brought].join(', and ')}.${along.failed}`;
  if (change.length === 0) return { text };
  const done = doneOf({ text }, change);
  try {
    await keepDone(db, done, change);
    return { text, done };
  } catch {
    return { text: `${text} It cannot be taken back: there was no room left to keep how.` };
  }
}

/** Brings sounds and photos in after the rest, which stays whatever becomes of them: they are large, and a device may be full. */
async function broughtWords(db: GanderDatabase, beside: FileIn['beside']) {
  try {
    const { sounds, photos } = await bringBeside(db, beside);
    return {
      brought: [
        ...(photos > 0 ? [`the photos of ${counted(photos, 'roast')}`] : []),
        ...(sounds > 0 ? [`the sound of ${counted(sounds, 'roast')}`] : []),
      ],
      failed: '',
    };
  } catch {
    return {
      brought: [],
      failed: ' Not all of its sounds and photos could be kept: make room, then load it once more.',
    };
  }
}

/** “12 things added or changed, and the settings”. */
function loadedWords(change: Change): string[] {
  const content = change.filter(({ table }) => table !== 'household');
  const gone = content.filter(({ after }) => !after).length;
  return [
    ...(content.length > gone ? [`${counted(content.length - gone, 'thing')} added or changed`] : []),
    ...(gone > 0 ? [`${counted(gone, 'thing')} gone`] : []),
    ...(content.length < change.length ? ['the settings'] : []),
  ];
}

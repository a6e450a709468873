import { useLiveQuery } from 'dexie-react-hooks';
import Papa from 'papaparse';
import { useEffect, useMemo, useState } from 'react';
import {
  blankRow,
  isBlank,
  type PaperColumn,
  type PaperContext,
  type PaperRead,
  type PaperRoast,
  type PaperRow,
  readPaperRow,
  rowsPasted,
} from '@/core/paper';
import { localDay, localTime } from '@/core/units';
import { database } from '@/store/current';
import { gearWithUse, lotsWithStock } from '@/store/larder';
import { notify } from '@/store/notices';
import { keepPaperRoasts } from '@/store/paper';
import { readPaperDraft, writePaperDraft } from '@/store/paperDraft';
import { useHousehold } from '@/ui/useHousehold';

/** Of one paste; more than anybody has on paper. */
const MOST_ROWS = 2000;

export interface PaperLine {
  readonly row: PaperRow;
  /** Undefined for a line with nothing in it. */
  readonly read: PaperRead | undefined;
}

/** The grid: what is typed, what each line says, and how it is kept. */
export function usePaper() {
  const { weightUnit } = useHousehold();
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, gear, away] = await Promise.all([lotsWithStock(db), gearWithUse(db), db.lots.toArray()]);
    const inUse = lots.map(({ lot }) => lot);
    return { lots: [...inUse, ...away.filter(({ removedAt }) => removedAt)], gear: gear.map((each) => each.gear) };
  }, []);
  const [rows, setRows] = useState<readonly PaperRow[]>(() => withBlank(readPaperDraft()));
  useEffect(() => void writePaperDraft(rows), [rows]);
  const lines = useMemo(() => {
    const context: PaperContext | undefined = known && {
      ...known,
      unit: weightUnit,
      today: localDay(Date.now()),
      nowTime: localTime(Date.now()),
      monthFirst: navigator.language === 'en-US',
    };
    return context ? readLines(rows, context) : undefined;
  }, [rows, known, weightUnit]);
  const good = (lines ?? []).flatMap(({ read }) => (read?.ok ? [read.roast] : []));
  return {
    lines,
    known,
    good,
    wrong: (lines ?? []).filter(({ read }) => read && !read.ok).length,
    set: (index: number, column: PaperColumn, text: string) =>
      setRows((before) => withBlank(before.map((row, i) => (i === index ? { ...row, [column]: text } : row)))),
    drop: (index: number) => setRows((before) => withBlank(before.filter((_, i) => i !== index))),
    /** Lines out of a table; gives false for plain text, which goes into its cell as usual. */
    paste: (index: number, column: PaperColumn, text: string): boolean => {
      if (!/[\t\n]/.test(text.trim())) return false;
      const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
      const pasted = rowsPasted(data.slice(0, MOST_ROWS), column);
      setRows((before) =>
        withBlank([...before.slice(0, index), ...pasted, ...before.slice(index).filter((row) => !isBlank(row))]),
      );
      return true;
    },
    keep: async () => {
      const change = await keepPaperRoasts(database(), good, new Date().toISOString());
      setRows((before) => withBlank(before.filter((_, i) => !lines?.[i]?.read?.ok)));
      notify({
        text: `${good.length === 1 ? 'One roast is' : `${good.length} roasts are`} in the journal.`,
        undo: change,
      });
    },
  };
}

function readLines(rows: readonly PaperRow[], context: PaperContext): PaperLine[] {
  let above: PaperRoast | undefined;
  return rows.map((row) => {
    if (isBlank(row)) return { row, read: undefined };
    const read = readPaperRow(row, context, above);
    if (read.ok) above = read.roast;
    return { row, read };
  });
}

/** There is always one line to go on with. */
function withBlank(rows: readonly PaperRow[]): readonly PaperRow[] {
  const last = rows.at(-1);
  return last && isBlank(last) ? rows : [...rows, blankRow];
}

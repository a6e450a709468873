import { useMemo, useState } from 'react';
import { listColumns, logColumns, type Sheet, sheetOf } from '@/core/sheet';
import { counted } from '@/core/units';
import { Segmented } from '@/ui/Segmented';
import { FromList } from './FromList';
import { FromLog } from './FromLog';
import { keptColumns } from './keptColumns';

interface FromTableProps {
  readonly name: string;
  readonly text: string;
  readonly onDone: () => void;
}

/** A table out of somebody else's file: a temperature log of one roast, or a list of many. */
export function FromTable({ name, text, onDone }: FromTableProps) {
  const sheet = useMemo(() => sheetOf(text), [text]);
  const log = useMemo(() => logColumns(sheet), [sheet]);
  const [kind, setKind] = useState<'log' | 'list'>(log ? 'log' : 'list');
  if (sheet.lines.length === 0)
    return (
      <p role="alert" className="text-danger mt-4 font-bold">
        {name} holds no table: a line for each roast, or for each reading, with commas, semicolons or tabs between.
        Nothing was changed.
      </p>
    );
  return (
    <div className="mt-4 space-y-4">
      <p className="font-bold">
        {name}: {counted(sheet.lines.length, 'line')}.
      </p>
      <Segmented
        label="What it is"
        value={kind}
        options={[
          { value: 'log', name: 'the temperatures of one roast' },
          { value: 'list', name: 'a list of roasts' },
        ]}
        onChange={setKind}
      />
      {kind === 'log' ? (
        <FromLog sheet={sheet} first={keptColumns(sheet, 'log') ?? log ?? someColumns(sheet)} onDone={onDone} />
      ) : (
        <FromList sheet={sheet} first={keptColumns(sheet, 'list') ?? listColumns(sheet)} onDone={onDone} />
      )}
    </div>
  );
}

/** Where no column looks like time and temperature, the first two, to be put right. */
const someColumns = ({ headings }: Sheet) => ({
  time: 0,
  temperature: Math.min(1, headings.length - 1),
  event: undefined,
  unit: 'C' as const,
});

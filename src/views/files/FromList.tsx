import { useMemo, useState } from 'react';
import { paperColumns } from '@/core/paper';
import { type ListColumn, type ListColumns, listMeanings, readList, type Sheet } from '@/core/sheet';
import { counted } from '@/core/units';
import { readPaperDraft, writePaperDraft } from '@/store/paperDraft';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { COLUMN_NAMES } from '@/ui/paperColumns';
import { columnName, Faults } from './Faults';
import { keepColumns } from './keptColumns';

interface FromListProps {
  readonly sheet: Sheet;
  readonly first: ListColumns;
  readonly onDone: () => void;
}

const SHOWN = 3;

/** A list of roasts from elsewhere: which column is what, and then the lines to be looked over as those of a paper notebook are. */
export function FromList({ sheet, first, onDone }: FromListProps) {
  const [columns, setColumns] = useState(first);
  const { rows, faults } = useMemo(
    () => readList(sheet, columns, { monthFirst: navigator.language === 'en-US' }),
    [sheet, columns],
  );
  const [full, setFull] = useState(false);
  const set = (i: number, column: ListColumn | undefined) =>
    // A meaning belongs to one column.
    setColumns((before) =>
      sheet.headings.map((_, n) => (n === i ? column : before[n] === column ? undefined : before[n])),
    );
  const goOn = () => {
    keepColumns(sheet, 'list', columns);
    if (!writePaperDraft([...readPaperDraft(), ...rows])) return setFull(true);
    location.assign('/journal/paper/');
  };
  const used = paperColumns.filter((column) => columns.includes(column));
  return (
    <>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        {sheet.headings.map((_, i) => (
          <SelectField
            // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
            key={i}
            label={columnName(sheet, i)}
            value={columns[i] ?? ''}
            onChange={(event) => set(i, (event.target.value || undefined) as ListColumn | undefined)}
          >
            <option value="">left out</option>
            {listMeanings.map((column) => (
              <option key={column} value={column}>
                {column === 'timeOfDay' ? 'Time of day' : COLUMN_NAMES[column]}
              </option>
            ))}
          </SelectField>
        ))}
      </div>
      {used.length > 0 && rows.length > 0 && (
        <div className="overflow-x-auto">
          <table className="w-full text-left text-[0.95rem]">
            <caption className="text-husk pb-1 text-left">The first lines, as they will be read</caption>
            <thead>
              <tr>
                {used.map((column) => (
                  <th key={column} scope="col" className="pr-4 font-bold">
                    {COLUMN_NAMES[column]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.slice(0, SHOWN).map((row, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: lines of a file have no name but their place
                <tr key={i} className="border-line border-t">
                  {used.map((column) => (
                    <td key={column} className="num py-1 pr-4">
                      {row[column]}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <Faults faults={faults} />
      {full && (
        <p role="alert" className="text-danger font-bold">
          There is no room for so many lines at once. Take fewer of them.
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button variant="next" disabled={rows.length === 0 || used.length === 0} onClick={goOn}>
          Look over {counted(rows.length, 'roast')}
        </Button>
        <Button onClick={onDone}>Leave it</Button>
      </div>
      <p className="text-husk">
        They are put beside the lines of your paper notebook; nothing is in the journal until you keep them there.
      </p>
    </>
  );
}

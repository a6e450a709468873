import { X } from 'lucide-react';
import type { KeyboardEvent } from 'react';
import { lotTitle } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { type PaperColumn, type PaperRoast, paperColumns } from '@/core/paper';
import { COLUMN_NAMES } from '@/ui/paperColumns';
import { useWords } from '@/ui/useHousehold';
import type { PaperLine, usePaper } from './usePaper';

interface PaperLineRowProps {
  readonly index: number;
  readonly line: PaperLine;
  readonly paper: ReturnType<typeof usePaper>;
}

const LISTS: Partial<Record<PaperColumn, string>> = {
  beans: 'paper-beans',
  gear: 'paper-gear',
  shade: 'paper-shade',
};
const cell =
  'w-full min-h-11 border-0 border-b-2 border-line bg-transparent px-1 focus:border-bill aria-invalid:border-danger';

/** One line of the grid; what is wrong in it, or new in it, stands below. */
export function PaperLineRow({ index, line: { row, read }, paper }: PaperLineRowProps) {
  const issues = read && !read.ok ? read.issues : {};
  const taken = useTaken(read?.ok ? read.roast : undefined, paper);
  const said = paperColumns.flatMap((column) => {
    const issue = issues[column];
    return issue ? [`${COLUMN_NAMES[column]}: ${issueSentence(issue)}`] : [];
  });
  const news =
    read?.ok && 'name' in read.roast.beans ? `“${read.roast.beans.name}” is not in the larder: kept as used up.` : '';
  return (
    <>
      <tr>
        <td className="text-husk num text-[0.85rem]">{index + 1}</td>
        {paperColumns.map((column) => (
          <td key={column} className="pr-1">
            <input
              aria-label={`${COLUMN_NAMES[column]}, line ${index + 1}`}
              aria-invalid={issues[column] ? true : undefined}
              data-cell={`${index} ${column}`}
              className={cell}
              autoComplete="off"
              list={LISTS[column]}
              placeholder={taken[column]}
              value={row[column]}
              onChange={(event) => paper.set(index, column, event.target.value)}
              onPaste={(event) => {
                if (paper.paste(index, column, event.clipboardData.getData('text'))) event.preventDefault();
              }}
              onKeyDown={(event) => goOn(event, index, column)}
            />
          </td>
        ))}
        <td>
          {read && (
            <button
              type="button"
              tabIndex={-1}
              aria-label={`Take line ${index + 1} away`}
              className="grid size-11 place-items-center"
              onClick={() => paper.drop(index)}
            >
              <X size={18} />
            </button>
          )}
        </td>
      </tr>
      {(said.length > 0 || news) && (
        <tr>
          <td />
          <td
            colSpan={paperColumns.length}
            className={said.length > 0 ? 'text-danger pb-2 text-[0.95rem]' : 'text-husk pb-2 text-[0.95rem]'}
          >
            {said.join(' ') || news}
          </td>
        </tr>
      )}
    </>
  );
}

/** What stands for cells that were left out: pale in their place. */
function useTaken(
  roast: PaperRoast | undefined,
  { known }: PaperLineRowProps['paper'],
): Partial<Record<PaperColumn, string>> {
  const words = useWords();
  if (!roast) return {};
  const { beans } = roast;
  const lot = 'lotId' in beans ? known?.lots.find(({ id }) => id === beans.lotId) : undefined;
  return {
    date: roast.day,
    beans: lot ? lotTitle(lot) : 'name' in beans ? beans.name : '',
    gear: roast.gear.nickname,
    green: words.weight(roast.greenGrams),
  };
}

/** Enter goes to the next line, the arrows up and down; what Tab does is right already. */
function goOn(event: KeyboardEvent<HTMLInputElement>, index: number, column: PaperColumn): void {
  const { key } = event;
  const lists = event.currentTarget.hasAttribute('list');
  const next =
    key === 'Enter'
      ? `${index + 1} ${paperColumns[0]}`
      : key === 'ArrowDown' && !lists
        ? `${index + 1} ${column}`
        : key === 'ArrowUp' && !lists
          ? `${index - 1} ${column}`
          : undefined;
  if (next === undefined) return;
  const field = document.querySelector<HTMLInputElement>(`[data-cell="${next}"]`);
  if (!field) return;
  event.preventDefault();
  field.focus();
  field.select();
}

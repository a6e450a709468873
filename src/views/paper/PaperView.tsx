import { lotTitle } from '@/core/bean';
import { paperColumns } from '@/core/paper';
import { counted } from '@/core/units';
import { Button, LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { COLUMN_NAMES, WIDTHS } from '@/ui/paperColumns';
import { useWords } from '@/ui/useHousehold';
import { PaperLineRow } from './PaperLineRow';
import { usePaper } from './usePaper';

/** Roasts from before Gander, out of a paper notebook or a table: a line each, by the keyboard alone. */
export function PaperView() {
  return (
    <Island>
      <JournalTabs current="paper" />
      <Grid />
    </Island>
  );
}

function Grid() {
  const words = useWords();
  const paper = usePaper();
  const { lines, known, good, wrong } = paper;
  if (!lines || !known) return <p className="text-husk py-10">Opening the notebook…</p>;
  if (known.gear.length === 0)
    return (
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">First say what you roast on.</h1>
        <p className="mt-3 mb-6">Old roasts teach the forecast of the gear they were made in.</p>
        <LinkButton href="/gear/" variant="next">
          Add gear
        </LinkButton>
      </section>
    );
  return (
    <section className="pt-7">
      <h1 className="text-[clamp(1.8rem,4vw,2.6rem)]">
        {good.length + wrong === 0 ? 'Roasts from your paper notebook' : `${counted(good.length, 'roast')} to keep.`}
      </h1>
      <p className="text-husk mt-2 max-w-[85ch]">
        A line a roast: Tab goes on, Enter to the next line, arrows up and down. Times as 4:05 or 245 seconds. Date,
        beans, gear and green may be left out where they are as above, all else where you do not know it. Or paste lines
        out of a table.
      </p>
      <datalist id="paper-beans">
        {known.lots.map((lot) => (
          <option key={lot.id} value={lotTitle(lot)} />
        ))}
      </datalist>
      <datalist id="paper-gear">
        {known.gear.map(({ id, nickname }) => (
          <option key={id} value={nickname} />
        ))}
      </datalist>
      <datalist id="paper-shade">
        {words.shadeChoices().map(([number, name]) => (
          <option key={number} value={name} />
        ))}
      </datalist>
      <div className="relative mt-4 overflow-x-auto">
        <table className="w-full min-w-[68rem] table-fixed border-collapse text-left">
          <thead>
            <tr className="border-ink border-b-2">
              <th className="text-husk w-8 py-1 font-normal" scope="col">
                <span className="sr-only">Line</span>
              </th>
              {paperColumns.map((column) => (
                <th key={column} scope="col" className={`py-1 pr-1 text-[0.95rem] ${WIDTHS[column]}`}>
                  {COLUMN_NAMES[column]}
                </th>
              ))}
              <th className="w-11">
                <span className="sr-only">Take away</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a line is its place in the grid
              <PaperLineRow key={i} index={i} line={line} paper={paper} />
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <Button variant="next" size="large" disabled={good.length === 0} onClick={() => void paper.keep()}>
          {good.length === 0 ? 'Keep them' : `Keep ${counted(good.length, 'roast')}`}
        </Button>
        {wrong > 0 && (
          <p className="text-danger" role="status">
            {counted(wrong, 'line')} cannot be read yet and {wrong === 1 ? 'stays' : 'stay'} here.
          </p>
        )}
        <p className="text-husk">What is typed stays on this device until it is kept.</p>
      </div>
    </section>
  );
}

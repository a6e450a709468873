import { sum } from 'd3-array';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { boughtGrams, type Lot } from '@/core/bean';
import { database } from '@/store/current';
import { addLot, editLot, type LotStock, lotsWithStock, removeLot } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { LotForm } from '@/ui/forms/LotForm';
import { Island } from '@/ui/Island';
import { LarderTabs } from '@/ui/LarderTabs';
import { PutAway } from '@/ui/PutAway';
import { useWords } from '@/ui/useHousehold';
import { BlendForm } from './BlendForm';
import { LotRow } from './LotRow';
import { SamplesForm } from './SamplesForm';
import { WeighForm } from './WeighForm';

/** The green beans: what there is, how much is left, what it wants. */
export function LarderView() {
  return (
    <Island>
      <LarderTabs current="green" />
      <Lots />
    </Island>
  );
}

type Sheet =
  | { readonly kind: 'add' | 'samples' | 'blend' }
  | { readonly kind: 'edit'; readonly lot: Lot }
  | { readonly kind: 'weigh'; readonly stock: LotStock };

function Lots() {
  const words = useWords();
  const lots = useLiveQuery(() => lotsWithStock(database()), []);
  const [sheet, setSheet] = useState<Sheet>();
  if (!lots) return <p className="text-husk py-10">Opening the larder…</p>;
  const left = sum(lots, ({ leftGrams }) => Math.max(0, leftGrams));
  const most = Math.max(...lots.map((each) => boughtGrams(each.lot)), 1);
  const remove = async ({ lot, roasts }: LotStock) => {
    const change = await removeLot(database(), lot);
    notify({
      text: roasts > 0 ? `${lot.name} is put away; its roasts stay in the journal.` : `${lot.name} is deleted.`,
      undo: change,
    });
  };
  const close = () => setSheet(undefined);
  return (
    <>
      <h1 className="max-w-3xl pt-8 text-4xl">
        {lots.length === 0
          ? 'The larder is empty.'
          : `${words.weight(left)} of green beans in ${lots.length === 1 ? 'one lot' : `${lots.length} lots`}.`}
      </h1>
      <div className="flex flex-wrap gap-3 py-5">
        <Button variant={lots.length === 0 ? 'next' : 'plain'} onClick={() => setSheet({ kind: 'add' })}>
          Add beans
        </Button>
        <Button onClick={() => setSheet({ kind: 'samples' })}>Add samples</Button>
        {lots.length >= 2 && <Button onClick={() => setSheet({ kind: 'blend' })}>Make a blend</Button>}
      </div>
      {lots.length === 0 && (
        <p className="text-husk mb-4">Add the first pack, and Gander keeps count of what each roast takes from it.</p>
      )}
      <ol className="border-ink divide-line divide-y border-t-2 empty:hidden">
        {lots.map((stock) => (
          <LotRow
            key={stock.lot.id}
            stock={stock}
            most={most}
            onEdit={() => setSheet({ kind: 'edit', lot: stock.lot })}
            onWeigh={() => setSheet({ kind: 'weigh', stock })}
            onRemove={() => void remove(stock)}
          />
        ))}
      </ol>
      <PutAway of="lots" />
      <Dialog open={sheet !== undefined} onClose={close} title={titleOf(sheet)}>
        {sheet?.kind === 'add' && (
          <LotForm
            onCancel={close}
            onSave={async (facts) => {
              await addLot(database(), facts);
              close();
            }}
          />
        )}
        {sheet?.kind === 'edit' && (
          <LotForm
            lot={sheet.lot}
            onCancel={close}
            onSave={async (facts) => {
              const change = await editLot(database(), sheet.lot, facts);
              close();
              notify({ text: `${facts.name} is changed.`, undo: change });
            }}
          />
        )}
        {sheet?.kind === 'weigh' && <WeighForm stock={sheet.stock} onClose={close} />}
        {sheet?.kind === 'samples' && <SamplesForm onClose={close} />}
        {sheet?.kind === 'blend' && <BlendForm lots={lots} onClose={close} />}
      </Dialog>
    </>
  );
}

function titleOf(sheet: Sheet | undefined): string {
  switch (sheet?.kind) {
    case 'add':
      return 'Green beans';
    case 'edit':
      return sheet.lot.name;
    case 'weigh':
      return `Weigh ${sheet.stock.lot.name}`;
    case 'samples':
      return 'Samples';
    case 'blend':
      return 'A blend, before roasting';
    case undefined:
      return '';
  }
}

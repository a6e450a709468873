import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { type Lot, lotTitle, processNames } from '@/core/bean';
import { database } from '@/store/current';
import { addLot, editLot, lotsWithStock, removeLot } from '@/store/larder';
import { say } from '@/store/notices';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { LotForm } from '@/ui/forms/LotForm';
import { Island } from '@/ui/Island';
import { useWords } from '@/ui/useHousehold';

/** The green beans: what there is, how much is left. */
export function LarderView() {
  return (
    <Island>
      <Lots />
    </Island>
  );
}

function Lots() {
  const words = useWords();
  const lots = useLiveQuery(() => lotsWithStock(database()), []);
  const [adding, setAdding] = useState(false);
  const [editing, setEditing] = useState<Lot>();
  if (!lots) return <p className="text-husk py-10">Opening the larder…</p>;
  const left = lots.reduce((sum, each) => sum + Math.max(0, each.leftGrams), 0);
  const most = Math.max(...lots.map((each) => each.lot.boughtGrams), 1);
  const remove = async (lot: Lot, roasts: number) => {
    const change = await removeLot(database(), lot);
    say({
      text: roasts > 0 ? `${lot.name} is put away; its roasts stay in the journal.` : `${lot.name} is deleted.`,
      undo: change,
    });
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-4 py-8">
        <h1 className="mr-auto max-w-3xl text-4xl">
          {lots.length === 0
            ? 'The larder is empty.'
            : `${words.weight(left)} of green beans in ${lots.length === 1 ? 'one lot' : `${lots.length} lots`}.`}
        </h1>
        <Button variant={lots.length === 0 ? 'next' : 'plain'} onClick={() => setAdding(true)}>
          Add beans
        </Button>
      </div>
      {lots.length === 0 && (
        <p className="text-husk -mt-4">Add the first pack, and Gander keeps count of what each roast takes from it.</p>
      )}
      <ol className="border-ink divide-line divide-y border-t-2 empty:hidden">
        {lots.map(({ lot, leftGrams, roasts }) => (
          <li key={lot.id} className="grid items-center gap-x-6 gap-y-2 py-4 md:grid-cols-[17rem_1fr_auto]">
            <div>
              <b className="text-lg">{lotTitle(lot)}</b>
              <span className="text-husk block">
                {processNames[lot.process]} ·{' '}
                {roasts === 0 ? 'not roasted yet' : roasts === 1 ? 'one roast' : `${roasts} roasts`}
              </span>
            </div>
            <Stock boughtGrams={lot.boughtGrams} leftGrams={leftGrams} most={most} />
            <div className="flex gap-2">
              <Button variant="quiet" onClick={() => setEditing(lot)} aria-label={`Edit ${lot.name}`}>
                Edit
              </Button>
              <Button
                variant="quiet"
                onClick={() => void remove(lot, roasts)}
                aria-label={`${roasts > 0 ? 'Put away' : 'Delete'} ${lot.name}`}
              >
                {roasts > 0 ? 'Put away' : 'Delete'}
              </Button>
            </div>
          </li>
        ))}
      </ol>
      <Dialog open={adding} onClose={() => setAdding(false)} title="Green beans">
        <LotForm
          onCancel={() => setAdding(false)}
          onSave={async (facts) => {
            await addLot(database(), facts);
            setAdding(false);
          }}
        />
      </Dialog>
      <Dialog open={editing !== undefined} onClose={() => setEditing(undefined)} title={editing?.name ?? ''}>
        {editing && (
          <LotForm
            lot={editing}
            onCancel={() => setEditing(undefined)}
            onSave={async (facts) => {
              const change = await editLot(database(), editing, facts);
              setEditing(undefined);
              say({ text: `${facts.name} is changed.`, undo: change });
            }}
          />
        )}
      </Dialog>
    </>
  );
}

/** What is left, as long as it weighs, inside what was bought. */
function Stock({
  boughtGrams,
  leftGrams,
  most,
}: {
  readonly boughtGrams: number;
  readonly leftGrams: number;
  readonly most: number;
}) {
  const words = useWords();
  return (
    <div>
      <div className="bg-sunk h-5 rounded" style={{ width: `${(100 * boughtGrams) / most}%` }}>
        <div
          className="h-5 rounded bg-[#94a276]"
          style={{ width: `${Math.max(0, Math.min(100, (100 * leftGrams) / boughtGrams))}%` }}
        />
      </div>
      <p className="mt-1 text-[0.95rem]">
        {leftGrams >= 0 ? (
          <>
            <b>{words.weight(leftGrams)} left</b> <span className="text-husk">of {words.weight(boughtGrams)}</span>
          </>
        ) : (
          <span className="text-danger">
            The roasts took {words.weight(-leftGrams)} more than was bought. Add what is missing under Edit; nothing is
            thrown away.
          </span>
        )}
      </p>
    </div>
  );
}

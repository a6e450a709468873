import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { Gear } from '@/core/gear';
import { database } from '@/store/current';
import { addGear, editGear, gearWithUse, removeGear } from '@/store/larder';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { GearForm } from '@/ui/forms/GearForm';
import { Island } from '@/ui/Island';
import { PutAway } from '@/ui/PutAway';
import { useMoney } from '@/ui/useMoney';
import { GearFigures } from './GearFigures';
import { GearTimes } from './GearTimes';

/** What there is to roast on, and how it behaves. */
export function GearView() {
  return (
    <Island>
      <AllGear />
    </Island>
  );
}

function AllGear() {
  const money = useMoney();
  const all = useLiveQuery(() => gearWithUse(database()), []);
  const [adding, setAdding] = useState(false);
  const [editing, setEditing] = useState<Gear>();
  if (!all) return <p className="text-husk py-10">Looking for the gear…</p>;
  const remove = async (gear: Gear, roasts: number) => {
    const change = await removeGear(database(), gear);
    notify({
      text:
        roasts > 0 ? `${gear.nickname} is put away; its roasts stay in the journal.` : `${gear.nickname} is deleted.`,
      undo: change,
    });
  };
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-4 py-8">
        <h1 className="mr-auto text-4xl">
          {all.length === 0
            ? 'Nothing to roast on yet.'
            : `You roast on ${all.length === 1 ? 'one piece' : `${all.length} pieces`} of gear.`}
        </h1>
        <Button variant={all.length === 0 ? 'next' : 'plain'} onClick={() => setAdding(true)}>
          Add gear
        </Button>
      </div>
      {all.length === 0 && (
        <p className="text-husk -mt-4">A popcorn popper, a pan, an oven, a heat gun: add it with a nickname.</p>
      )}
      <ol className="border-ink divide-line divide-y border-t-2 empty:hidden">
        {all.map(({ gear, roasts }) => {
          return (
            <li key={gear.id} className="grid gap-x-8 gap-y-3 py-5 md:grid-cols-[18rem_1fr_auto]">
              <div>
                <h2 className="text-xl">
                  <a
                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                    href={`/gear/piece/?id=${encodeURIComponent(gear.id)}`}
                  >
                    {gear.nickname}
                  </a>
                </h2>
                <GearFigures gear={gear} money={money} />
              </div>
              <GearTimes gear={gear} />
              <div className="flex items-start gap-2">
                <Button variant="quiet" onClick={() => setEditing(gear)} aria-label={`Edit ${gear.nickname}`}>
                  Edit
                </Button>
                <Button
                  variant="quiet"
                  onClick={() => void remove(gear, roasts)}
                  aria-label={`${roasts > 0 ? 'Put away' : 'Delete'} ${gear.nickname}`}
                >
                  {roasts > 0 ? 'Put away' : 'Delete'}
                </Button>
              </div>
            </li>
          );
        })}
      </ol>
      <PutAway of="gear" />
      <Dialog open={adding} onClose={() => setAdding(false)} title="Gear">
        <GearForm
          onCancel={() => setAdding(false)}
          onSave={async (facts) => {
            await addGear(database(), facts);
            setAdding(false);
          }}
        />
      </Dialog>
      <Dialog open={editing !== undefined} onClose={() => setEditing(undefined)} title={editing?.nickname ?? ''}>
        {editing && (
          <GearForm
            gear={editing}
            onCancel={() => setEditing(undefined)}
            onSave={async (facts) => {
              const change = await editGear(database(), editing, facts);
              setEditing(undefined);
              notify({ text: `${facts.nickname} is changed.`, undo: change });
            }}
          />
        )}
      </Dialog>
    </>
  );
}

import { Flame } from 'lucide-react';
import { useState } from 'react';
import { Dialog } from '@/ui/Dialog';

/** One tap away while anything is hot. Source: handbook, section 12. */
export function Emergency() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        aria-label="Fire: what to do"
        title="Fire: what to do"
        className="grid size-16 place-items-center rounded-xl border-2 border-current"
        onClick={() => setOpen(true)}
      >
        <Flame aria-hidden="true" />
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} title="If beans or chaff burn">
        <ol className="list-decimal space-y-3 pl-6 text-xl font-bold">
          <li>Heat off. Unplug it if that is safe.</li>
          <li>Lid or door stays shut. Smother it.</li>
          <li>No water on electrics or hot fat. Do not carry it.</li>
          <li>If it grows: everybody out, close the door, call the emergency service.</li>
        </ol>
        <button
          type="button"
          className="border-ink mt-6 min-h-16 w-full rounded-2xl border-2 text-lg font-bold"
          onClick={() => setOpen(false)}
        >
          Back to the roast
        </button>
      </Dialog>
    </>
  );
}

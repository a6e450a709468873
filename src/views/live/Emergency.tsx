import { Flame } from 'lucide-react';
import { useRef } from 'react';

/** One tap away while anything is hot: the browser's own dialog, which needs nothing loaded. Source: handbook, section 12. */
export function Emergency() {
  const dialog = useRef<HTMLDialogElement>(null);
  return (
    <>
      <button
        type="button"
        aria-label="Fire: what to do"
        title="Fire: what to do"
        className="grid size-[64px] shrink-0 place-items-center rounded-xl border-2 border-current"
        onClick={() => dialog.current?.showModal()}
      >
        <Flame aria-hidden="true" />
      </button>
      <dialog
        ref={dialog}
        aria-labelledby="fire-title"
        className="bg-chaff text-ink border-ink m-auto w-[min(94vw,38rem)] rounded-2xl border-2 p-6 backdrop:bg-black/50"
      >
        <h2 id="fire-title" className="mb-4 text-2xl">
          If beans or chaff burn
        </h2>
        <ol className="list-decimal space-y-3 pl-6 text-xl font-bold">
          <li>Heat off. Unplug it if that is safe.</li>
          <li>Lid or door stays shut. Smother it.</li>
          <li>No water on electrics or hot fat. Do not carry it.</li>
          <li>If it grows: everybody out, close the door, call the emergency service.</li>
        </ol>
        <button
          type="button"
          className="border-ink mt-6 min-h-[64px] w-full rounded-2xl border-2 text-lg font-bold"
          onClick={() => dialog.current?.close()}
        >
          Back to the roast
        </button>
      </dialog>
    </>
  );
}

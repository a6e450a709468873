import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { keyHelp } from '@/ui/roastKeys';

/** The keys of the roast screen. */
export function KeysHelp({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} title="Keys">
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
        {keyHelp.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="font-bold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <p className="text-husk my-4">
        A clicker or foot pedal works too: its forward key is next, its back key is undo. Enter presses the button that
        has the focus.
      </p>
      <Button onClick={onClose}>Close</Button>
    </Dialog>
  );
}

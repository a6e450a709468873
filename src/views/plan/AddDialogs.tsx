import { database } from '@/store/current';
import { addGear, addLot } from '@/store/larder';
import { Dialog } from '@/ui/Dialog';
import { GearForm } from '@/ui/forms/GearForm';
import { LotForm } from '@/ui/forms/LotForm';

interface AddDialogsProps {
  readonly adding: 'lot' | 'gear';
  readonly onClose: () => void;
  readonly onLot: (lotId: string) => void;
  readonly onGear: (gearId: string) => void;
}

/** Beans or gear that the larder does not have yet, added without leaving the plan. */
export function AddDialogs({ adding, onClose, onLot, onGear }: AddDialogsProps) {
  return (
    <>
      <Dialog open={adding === 'lot'} onClose={onClose} title="Other beans">
        <LotForm
          onCancel={onClose}
          onSave={async (facts) => {
            const lot = await addLot(database(), facts);
            onClose();
            onLot(lot.id);
          }}
        />
      </Dialog>
      <Dialog open={adding === 'gear'} onClose={onClose} title="Other gear">
        <GearForm
          onCancel={onClose}
          onSave={async (facts) => {
            const added = await addGear(database(), facts);
            onClose();
            onGear(added.id);
          }}
        />
      </Dialog>
    </>
  );
}

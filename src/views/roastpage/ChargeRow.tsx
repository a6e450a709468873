import { chargeFault, chargePressedS, milestoneNames, movedCharge, type Roast } from '@/core/roast';
import { formatClock } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { changeRoastRow } from '@/store/roasting';
import { chargeShiftWords } from '@/ui/entryWords';
import { TimeField } from './TimeField';
import { OUT_OF_LOG } from './times';

/** The line of the log that all others count from. Its time is put right as theirs are: the beans stay where they were, the clock moves. */
export function ChargeRow({ roast }: { readonly roast: Roast }) {
  const pressedS = chargePressedS(roast);
  const move = async (byS: number) => {
    const undo = await changeRoastRow(database(), roast.id, (before) => movedCharge(before, byS));
    notify({
      text: `The beans went in ${chargeShiftWords(byS)}. Every time counts from there.`,
      undo,
    });
  };
  return (
    <li className="group flex flex-wrap items-center gap-x-4 py-0.5">
      <TimeField label="beans in" atS={0} faultOf={(byS) => faultWords(roast, byS)} onTime={(byS) => void move(byS)} />
      <span className="mr-auto">
        beans in
        {pressedS !== 0 && <span className="text-husk text-[0.9rem]"> · pressed at {formatClock(pressedS)}</span>}
      </span>
      <span className="text-husk hidden basis-full text-[0.9rem] group-focus-within:block">
        Pressed late? -0:15 puts it a quarter of a minute earlier; every other time grows by as much.
      </span>
    </li>
  );
}

/** What to say where the beans cannot have gone in then; empty where they can. */
function faultWords(roast: Roast, byS: number): string {
  const fault = chargeFault(roast, byS);
  switch (fault?.kind) {
    case 'beforePreheat':
      return `The preheat began at ${formatClock(-fault.preheatS)}: the beans went in after that.`;
    case 'afterMilestone':
      return `The beans went in before ${milestoneNames[fault.milestone]} at ${formatClock(fault.atS)}. Put that right first.`;
    case 'outOfLog':
    case 'notCharged':
      return OUT_OF_LOG;
    default:
      return '';
  }
}

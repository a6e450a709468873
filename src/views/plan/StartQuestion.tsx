import { judgeBatch } from '@/core/gear';
import { planForGreen } from '@/core/plan';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { useWords } from '@/ui/useHousehold';
import type { Planned } from './usePlanned';

interface StartQuestionProps {
  readonly planned: Planned;
  readonly onCancel: () => void;
  readonly onSplit: () => void;
  readonly onSure: () => void;
}

/** Asked before a batch goes in that is larger than this gear takes. */
export function StartQuestion({ planned, onCancel, onSplit, onSure }: StartQuestionProps) {
  const words = useWords();
  const { gear, batches, loss } = planned;
  const verdict = judgeBatch(gear, batches?.greenGramsEach ?? 1);
  const most =
    verdict.kind === 'aboveLargest' ? verdict.largestGrams : verdict.kind === 'absurd' ? verdict.mostGrams : 1;
  const fitting = planForGreen(batches?.greenGrams ?? 1, most, loss);
  return (
    <Dialog open onClose={onCancel} title={`${words.weight(batches?.greenGramsEach ?? 0)} in the ${gear.nickname}?`}>
      <p>
        It takes {words.weight(most)} at the most, {verdict.kind === 'aboveLargest' ? 'as you said' : 'as is usual'}.
        Too much in it stops moving and scorches.
      </p>
      <div className="mt-5 flex flex-wrap gap-3">
        <Button variant="next" onClick={onSplit}>
          {fitting.batches} batches of {words.weight(fitting.greenGramsEach)}
        </Button>
        {verdict.kind === 'aboveLargest' && <Button onClick={onSure}>Roast it all the same</Button>}
        <Button onClick={onCancel}>Change it</Button>
      </div>
    </Dialog>
  );
}

import { chooseHousehold, chosenHousehold } from '@/store/current';
import { Button } from '@/ui/Button';
import { enterDemo } from '@/ui/enterDemo';

/** Goes between the person's own notebook and the demo household; the two never touch. */
export function Households() {
  const demo = chosenHousehold() === 'demo';
  const go = async (kind: 'own' | 'demo') => {
    if (kind === 'demo') await enterDemo();
    else chooseHousehold('own');
    location.assign('/');
  };
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="mb-2 text-2xl">Demo household</h2>
      <p className="mb-4">
        {demo
          ? 'You are looking at made-up data. Your own notebook lies beside it, untouched.'
          : 'Four months of made-up roasts to look around in. It has a database of its own; your notebook stays as it is.'}
      </p>
      <div className="flex flex-wrap gap-3">
        {demo && <Button onClick={() => void go('own')}>Open my own notebook</Button>}
        <Button onClick={() => void go('demo')}>{demo ? 'Start the demo afresh' : 'Look around the demo'}</Button>
      </div>
    </section>
  );
}

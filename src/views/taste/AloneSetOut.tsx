import type { Flight } from '@/core/taste';
import { counted } from '@/core/units';
import { database } from '@/store/current';
import { putSlipsAway } from '@/store/flights';
import { Button } from '@/ui/Button';
import { cupMark } from './cupMarks';

/** How one person sets out a blind flight: marks under the cups, a shuffle with shut eyes, codes on the coasters. */
export function AloneSetOut({ flight }: { readonly flight: Flight }) {
  const open = flight.trials.flatMap((trial, i) => (trial.answeredAt || trial.poured ? [] : [{ trial, i }]));
  const each = open[0]?.trial.codes.length ?? 2;
  const alike = new Set(open.map(({ trial }) => trial.pours?.join())).size === 1;
  return (
    <section className="max-w-3xl pt-7">
      <h1 className="text-4xl">Blind, and alone.</h1>
      <ol className="mt-4 list-decimal space-y-3 pl-6 text-lg">
        <li>
          Take {counted(open.length * each, 'cup')} that look alike; small ones do. Stick a mark where you cannot see
          it, under the cup:{' '}
          {flight.contenders.map(({ name }, i) => (
            <span key={cupMark(i)}>
              {i > 0 && ', '}
              <b>{cupMark(i)}</b> for {name}
            </span>
          ))}
          .
        </li>
        <li>
          Pour {open.length === 1 ? 'one set' : `${open.length} sets`}, each set apart from the others:
          {alike ? (
            ` in each ${poursWords(open[0]?.trial.pours ?? [])}.`
          ) : (
            <ul className="mt-1">
              {open.map(({ trial, i }) => (
                <li key={i}>
                  set {i + 1}: {poursWords(trial.pours ?? [])}
                </li>
              ))}
            </ul>
          )}
        </li>
        <li>Shut your eyes and move the cups of a set about until you have lost them. Do so with every set.</li>
        <li>
          With your eyes still shut, push each set into a row; then look, and lay its numbers beside the cups from left
          to right:
          <ul className="num mt-1 text-2xl font-bold">
            {open.map(({ trial, i }) => (
              <li key={i}>{trial.codes.join('   ')}</li>
            ))}
          </ul>
        </li>
        <li>Taste by the numbers. When every sheet is in, look under the cups.</li>
      </ol>
      <div className="no-print mt-6 flex flex-wrap gap-3">
        <Button variant="next" size="large" onClick={() => void putSlipsAway(database(), flight)}>
          They are set out: taste
        </Button>
        <Button size="large" onClick={() => print()}>
          Print the numbers
        </Button>
      </div>
    </section>
  );
}

/** “two of A, one of B” */
function poursWords(pours: readonly number[]): string {
  const count = new Map<number, number>();
  for (const cup of pours) count.set(cup, (count.get(cup) ?? 0) + 1);
  return [...count].map(([cup, many]) => `${many === 1 ? 'one' : 'two'} of ${cupMark(cup)}`).join(', ');
}

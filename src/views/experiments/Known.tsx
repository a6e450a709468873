import { comparesParts } from '@/core/experiment';
import { database } from '@/store/current';
import { editExperiment } from '@/store/experiments';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { askedWords } from './askedWords';
import type { ExperimentNow } from './readExperiments';

/** What this household knows now: every answer with what it rests on. */
export function Known({ answered }: { readonly answered: readonly ExperimentNow[] }) {
  const dates = useRoastDates();
  const words = useWords();
  return (
    <section className="border-ink mt-8 border-t-2 pt-4">
      <h2 className="mb-1 text-2xl">What this household knows now</h2>
      <ul className="divide-line divide-y">
        {answered.map(({ experiment, a, b, verdict, sameness }) => {
          const { known, answers } = askedWords({ experiment, a }, words);
          return (
            <li key={experiment.id} className="flex flex-wrap items-start gap-x-6 gap-y-2 py-3">
              <div className="mr-auto max-w-3xl">
                <p className="text-lg">
                  <b>{experiment.question}</b> {experiment.outcome && answers[experiment.outcome]}
                </p>
                <p className="text-husk">
                  {known} {verdict ?? 'By taste alone, no blind flight.'}
                  {experiment.note && ` “${experiment.note}”.`}
                  {sameness && sameness.also.length > 0 && ` Careful: ${sameness.also.join('; ')}.`}
                </p>
              </div>
              <span className="text-husk flex flex-wrap items-center gap-x-4">
                {a && b && !comparesParts(experiment) && (
                  <a
                    className="text-ink flex min-h-11 items-center underline underline-offset-4"
                    href={`/journal/compare/?ids=${encodeURIComponent(a.roast.id)},${encodeURIComponent(b.roast.id)}`}
                  >
                    {dates.date(a.roast.createdAt)} against {dates.date(b.roast.createdAt)}
                  </a>
                )}
                <Button
                  variant="quiet"
                  onClick={async () => {
                    const change = await editExperiment(database(), experiment, {
                      outcome: undefined,
                      answeredAt: undefined,
                    });
                    notify({ text: `“${experiment.question}” is open again.`, undo: change });
                  }}
                >
                  Open again
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

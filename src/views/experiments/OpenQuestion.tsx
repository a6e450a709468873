import { Trash2 } from 'lucide-react';
import { findingNames } from '@/core/diagnose';
import { comparesParts, type Outcome, outcomes } from '@/core/experiment';
import { database } from '@/store/current';
import { answerExperiment, removeExperiment } from '@/store/experiments';
import { notify } from '@/store/notices';
import { LinkButton } from '@/ui/Button';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { Segmented } from '@/ui/Segmented';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { askedWords } from './askedWords';
import type { ExperimentNow } from './readExperiments';

/** A question with its two roasts, what else was otherwise, and the next thing to do. */
export function OpenQuestion(props: ExperimentNow) {
  const dates = useRoastDates();
  const { experiment, state, a, b, sameness, flight, verdict, suggested } = props;
  const words = useWords();
  const { asked, outcomes: outcomeNames } = askedWords(props, words);
  const finding = experiment.finding && (findingNames as Readonly<Record<string, string>>)[experiment.finding];
  const id = encodeURIComponent(experiment.id);
  const answer = async (outcome: Outcome) => {
    const change = await answerExperiment(database(), experiment, outcome);
    notify({ text: `${experiment.question} Noted: ${outcomeNames[outcome]}.`, undo: change });
  };
  const remove = async () => {
    const change = await removeExperiment(database(), experiment);
    notify({ text: `The question “${experiment.question}” is taken back; its roasts stay.`, undo: change });
  };
  return (
    <li className="py-5">
      <div className="flex flex-wrap items-start gap-x-6 gap-y-3">
        <div className="mr-auto max-w-2xl">
          <h3 className="text-xl">{experiment.question}</h3>
          <p className="text-husk mt-1">
            {finding && `From “${finding}”. `}
            {asked}
          </p>
        </div>
        {state === 'toRoast' && (
          <LinkButton href={`/roast/?experiment=${id}`} variant="next">
            Roast it
          </LinkButton>
        )}
        {state === 'toTaste' && (
          <LinkButton href={`/taste/flight/?experiment=${id}`} variant="next">
            Taste both blind
          </LinkButton>
        )}
        {state === 'tasting' && (
          <LinkButton
            href={`/taste/flight/?id=${encodeURIComponent(flight?.id ?? '')}`}
            variant={verdict ? 'plain' : 'next'}
          >
            {flight?.endedAt ? 'See the flight' : 'Go on with the flight'}
          </LinkButton>
        )}
        <button
          type="button"
          aria-label={`Take the question “${experiment.question}” back`}
          className="text-husk hover:text-ink flex size-11 items-center justify-center"
          onClick={() => void remove()}
        >
          <Trash2 className="size-5" />
        </button>
      </div>
      {sameness && (
        <p className="mt-2">
          {sameness.changed === false && <b>The record does not show that the change was made. </b>}
          {sameness.also.length > 0
            ? `Careful: ${sameness.also.join('; ')}.`
            : sameness.changed !== false && 'Everything else was the same, as far as the record tells.'}
        </p>
      )}
      {verdict && <p className="mt-2 text-lg">{verdict}</p>}
      {(a || b) && (
        <div className="mt-4">
          <RibbonRows
            rows={(comparesParts(experiment) ? [a] : [a, b]).filter((each) => each !== undefined)}
            lineUp="charge"
          />
        </div>
      )}
      {!a && <p className="text-husk mt-2">The roast it began with was deleted.</p>}
      {experiment.bRoastId && (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          <span className="text-husk">
            {suggested?.outcome ? `The flight says ${outcomeNames[suggested.outcome]}. Your answer:` : 'Your answer:'}
          </span>
          <Segmented
            label={`Answer to ${experiment.question}`}
            value={undefined}
            options={outcomes.map((value) => ({ value, name: outcomeNames[value] }))}
            onChange={(outcome) => void answer(outcome)}
          />
        </div>
      )}
      {state === 'toRoast' && a && (
        <p className="text-husk mt-2">
          Asked of the roast of {dates.date(a.roast.createdAt)}; the second one is to be roasted.
        </p>
      )}
    </li>
  );
}

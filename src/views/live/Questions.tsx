import { assertNever } from '@/core/issues';
import { milestoneNames, type Question } from '@/core/roast';
import { formatClock, formatSpan } from '@/core/units';
import type { LiveRoastModel } from './useLiveRoast';

/** Asks about marks that can hardly be. They are kept already: the answer only puts them right. */
export function Questions({ model }: { readonly model: LiveRoastModel }) {
  const [question] = model.questions;
  if (!question) return null;
  const answer = 'border-2 border-ink min-h-16 rounded-2xl px-5 text-lg font-bold';
  const target = question.entryId;
  return (
    <section role="alert" className="border-bill mb-4 flex flex-wrap items-center gap-3 rounded-2xl border-3 p-4">
      <p className="mr-auto text-lg font-bold">{questionWords(question)}</p>
      {question.kind === 'missingBefore' && (
        <button
          type="button"
          className={answer}
          onClick={async () => {
            const at = model.live.find((entry) => entry.id === question.entryId)?.at ?? model.nowS;
            await model.log({ kind: 'undo', target });
            const id = await model.log({ kind: 'mark', milestone: 'firstCrack' });
            await model.log({ kind: 'amend', target: id, happenedAt: at });
          }}
        >
          It was first crack
        </button>
      )}
      {question.kind === 'twice' ? (
        <>
          <button
            type="button"
            className={answer}
            onClick={() => void model.log({ kind: 'undo', target: question.earlierId })}
          >
            {formatClock(question.at)}
          </button>
          <button type="button" className={answer} onClick={() => void model.log({ kind: 'undo', target })}>
            {formatClock(question.earlierAt)}
          </button>
        </>
      ) : (
        <>
          <button
            type="button"
            className={answer}
            onClick={() => void model.log({ kind: 'amend', target, sure: true })}
          >
            It is right
          </button>
          <button type="button" className={answer} onClick={() => void model.log({ kind: 'undo', target })}>
            Take it back
          </button>
        </>
      )}
    </section>
  );
}

function questionWords(question: Question): string {
  const name = milestoneNames[question.milestone];
  switch (question.kind) {
    case 'missingBefore':
      return `${capital(name)}, and no ${milestoneNames[question.missing]} before it?`;
    case 'beforeEarlier':
      return `${capital(name)} at ${formatClock(question.at)}, before ${milestoneNames[question.other]} at ${formatClock(question.otherAt)}?`;
    case 'tooSoon':
      return `${capital(name)} only ${formatSpan(question.afterS)} after ${question.other === 'charge' ? 'the beans went in' : milestoneNames[question.other]}?`;
    case 'twice':
      return `${capital(name)} is marked twice. When was it?`;
    default:
      return assertNever(question);
  }
}

const capital = (text: string) => `${text[0]?.toUpperCase()}${text.slice(1)}`;

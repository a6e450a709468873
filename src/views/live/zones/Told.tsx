import { useLayoutEffect, useRef } from 'react';
import type { Deed, Telling } from '@/core/heat';

const looks = {
  danger: 'bg-danger text-chaff',
  due: 'bg-bill text-on-bill',
  ask: 'bg-chaff text-ink border-l-8 border-slate',
  soon: 'bg-chaff text-ink border-l-8 border-bill',
  note: 'bg-chaff text-ink border-l-8 border-line',
} as const satisfies Record<Telling['level'], string>;

interface ToldLineProps {
  readonly telling: Telling | undefined;
  /** What to watch for, while nothing is told. */
  readonly hint: string;
  /** Nothing stands in the place for answers, so the words have it too. */
  readonly whole: boolean;
}

/** The one line that is kept for what must be told now, gravest first. It never grows: the zones stay where they are. */
export function ToldLine({ telling, hint, whole }: ToldLineProps) {
  return (
    <div className={`flex ${whole ? 'heat-told-whole' : 'heat-told'}`} role="status" aria-live="assertive">
      {telling ? (
        <p
          key={telling.key}
          className={`font-heading flex w-full items-center overflow-hidden rounded-xl px-3 leading-[1.12] font-semibold ${looks[telling.level]} ${sizeFor(telling.text, whole)}`}
        >
          <span className="line-clamp-4">{telling.text}</span>
        </p>
      ) : (
        <p className="roomy:text-xl flex items-center leading-tight opacity-90">{hint}</p>
      )}
    </div>
  );
}

/** Long words stand smaller, so that all of them are read. */
function sizeFor(text: string, whole: boolean): string {
  if (whole && text.length <= 84) return 'text-[1.35rem] roomy:text-[1.9rem]';
  if (text.length > 110) return whole ? 'text-[1rem] roomy:text-[1.3rem]' : 'text-[0.72rem] roomy:text-[1.05rem]';
  if (text.length > 84) return whole ? 'text-[1.15rem] roomy:text-[1.5rem]' : 'text-[0.82rem] roomy:text-[1.15rem]';
  return text.length > 46 ? 'text-[0.95rem] roomy:text-[1.25rem]' : 'text-[1.12rem] roomy:text-[1.7rem]';
}

/** A question that has just appeared takes no press for so long: the hand was on its way to something else. */
const DEAF_MS = 700;

interface AnswersProps {
  readonly telling: Telling | undefined;
  readonly onAnswer: (telling: Telling, deed: Deed) => void;
  /** What stands in the place while nothing is asked. */
  readonly children: React.ReactNode;
}

/** The place that is always kept for answers. */
export function Answers({ telling, onAnswer, children }: AnswersProps) {
  const shownMs = useRef(0);
  const key = telling?.key;
  // biome-ignore lint/correctness/useExhaustiveDependencies: counted anew for each question
  useLayoutEffect(() => {
    shownMs.current = performance.now();
  }, [key]);
  if (!telling?.answers) return <div className="heat-answers">{children}</div>;
  return (
    <fieldset className="heat-answers" aria-label="Answers">
      {telling.answers.map(({ label, does }) => (
        <button
          key={label}
          type="button"
          className="border-ink bg-chaff text-ink active:bg-sunk min-h-[64px] rounded-2xl border-3 px-0.5 text-[0.9rem] leading-tight font-bold roomy:text-lg"
          onClick={() => {
            if (performance.now() - shownMs.current >= DEAF_MS) onAnswer(telling, does);
          }}
        >
          {label}
        </button>
      ))}
    </fieldset>
  );
}

import { useEffect, useRef, useState } from 'react';
import { type TrayPair, trayPair } from '@/core/simulate';
import { secureRandom } from '@/store/random';
import { Button } from '@/ui/Button';
import { LightTakenOut } from '@/ui/look/LightTakenOut';
import type { Told } from '@/ui/look/useLooking';
import { useWords } from '@/ui/useHousehold';
import { wasCancelled } from '@/workers/callOnce';
import { canLook, drawnTray } from '@/workers/looker/client';

type Lesson =
  | { readonly kind: 'rest' }
  | { readonly kind: 'drawing' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'asking'; readonly pair: TrayPair; readonly trays: readonly [Told, Told] }
  | { readonly kind: 'told'; readonly pair: TrayPair; readonly trays: readonly [Told, Told]; readonly picked: Side };

type Side = 0 | 1;
const SIDES = [0, 1] as const;
const names = ['left', 'right'] as const;

/** Trains the eye: two trays of simulated beans under one light; which is darker, and what does the measure say? */
export function DarkerLesson() {
  const words = useWords();
  const [lesson, setLesson] = useState<Lesson>({ kind: 'rest' });
  const [score, setScore] = useState({ right: 0, asked: 0 });
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);
  if (!canLook()) return null;
  const draw = async () => {
    setLesson({ kind: 'drawing' });
    const pair = trayPair(secureRandom);
    const calls = pair.trays.map(({ wish, seed }) => drawnTray(wish, seed));
    stop.current = () => {
      for (const call of calls) call.cancel();
    };
    try {
      const [left, right] = await Promise.all(calls.map(({ result }) => result));
      if (left?.kind !== 'measured' || right?.kind !== 'measured') return setLesson({ kind: 'failed' });
      setLesson({ kind: 'asking', pair, trays: [left, right] });
    } catch (reason) {
      if (!wasCancelled(reason)) setLesson({ kind: 'failed' });
    }
  };
  const pick = (picked: Side) => {
    if (lesson.kind !== 'asking') return;
    setLesson({ ...lesson, kind: 'told', picked });
    setScore(({ right, asked }) => ({ right: right + (picked === lesson.pair.darker ? 1 : 0), asked: asked + 1 }));
  };
  const shown = lesson.kind === 'asking' || lesson.kind === 'told' ? lesson : undefined;
  return (
    <section id="darker" className="border-line mt-10 max-w-5xl border-t pt-6">
      <h2 className="text-2xl">Which is darker?</h2>
      <p className="mt-2 max-w-3xl">
        Two trays of simulated beans under the same light. Look, pick one, then see what the measure says. An eye that
        knows one shade from the next pulls better.
      </p>
      {shown && (
        <div className="mt-4 grid gap-4 sm:grid-cols-2">
          {SIDES.map((side) => (
            <figure key={side}>
              <LightTakenOut
                photo={shown.trays[side].photo}
                alt={`The tray on the ${names[side]}`}
                className="w-full rounded-xl"
              />
              <figcaption className="mt-2">
                {shown.kind === 'asking' ? (
                  <Button onClick={() => pick(side)}>The {names[side]} one is darker</Button>
                ) : (
                  <>
                    L* {shown.trays[side].measure.medianL.toFixed(0)} by the measure: roasted{' '}
                    <b>{words.shade(shown.pair.trays[side].shade)}</b>.
                  </>
                )}
              </figcaption>
            </figure>
          ))}
        </div>
      )}
      <p role="status" className="mt-3 min-h-8 text-xl">
        {saidOf(lesson, score)}
      </p>
      {lesson.kind !== 'asking' && (
        <Button disabled={lesson.kind === 'drawing'} onClick={() => void draw()}>
          {score.asked === 0 ? 'Show me two' : 'Two more'}
        </Button>
      )}
    </section>
  );
}

function saidOf(lesson: Lesson, { right, asked }: { readonly right: number; readonly asked: number }): string {
  switch (lesson.kind) {
    case 'drawing':
      return 'Drawing the beans…';
    case 'failed':
      return 'They did not come out this time. Try once more.';
    case 'told': {
      const isRight = lesson.picked === lesson.pair.darker;
      return `${isRight ? 'Yes' : 'No'}, the ${names[lesson.pair.darker]} one is darker. ${right} of ${asked} so far.`;
    }
    default:
      return '';
  }
}

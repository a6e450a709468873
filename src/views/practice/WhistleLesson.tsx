import { useEffect, useRef, useState } from 'react';
import { Button } from '@/ui/Button';
import { type Ear, openEar } from '@/workers/ear/client';

interface Tries {
  readonly one: number;
  readonly two: number;
  readonly last?: 1 | 2;
}

/** Teaches the whistle that marks with both hands busy: one, then two, told as they are heard. Nothing is kept. */
export function WhistleLesson() {
  const ear = useRef<Ear>(undefined);
  const [stands, setStands] = useState<'shut' | 'opening' | 'open'>('shut');
  const [deaf, setDeaf] = useState<string>();
  const [tries, setTries] = useState<Tries>({ one: 0, two: 0 });
  useEffect(() => () => ear.current?.stop(), []);
  const open = () => {
    ear.current?.stop();
    setStands('opening');
    setDeaf(undefined);
    setTries({ one: 0, two: 0 });
    ear.current = openEar({
      roastS: () => 0,
      gear: Promise.resolve(undefined),
      onHeard: () => undefined,
      onHearing: () => setStands('open'),
      onDeaf: (words) => {
        setDeaf(words);
        setStands('shut');
      },
      onWhistled: (times) =>
        setTries((before) => ({
          one: times === 1 ? before.one + 1 : before.one,
          two: times === 2 ? before.two + 1 : before.two,
          last: times,
        })),
    });
  };
  const shut = () => {
    ear.current?.stop();
    setStands('shut');
  };
  return (
    <section id="whistle" className="border-line mt-10 max-w-3xl border-t pt-6">
      <h2 className="text-2xl">Both hands busy? Whistle.</h2>
      <p className="mt-2">
        While Gander listens, one short steady whistle of about half a second marks what comes next, from when it began.
        Two in a row, with a breath between, take it back. It is off until you tick it in{' '}
        <a className="underline underline-offset-4" href="/files/">
          the settings
        </a>
        .
      </p>
      <p role="status" className="mt-4 min-h-8 text-xl">
        {deaf ?? (stands === 'open' ? wordsOf(tries) : stands === 'opening' ? 'Opening the microphone…' : '')}
      </p>
      <div className="mt-2">
        {stands === 'shut' ? (
          <Button onClick={open}>Try a whistle</Button>
        ) : (
          <Button onClick={shut}>Stop listening</Button>
        )}
      </div>
      <p className="text-husk mt-2 text-[0.95rem]">
        It asks for the microphone for this; what it hears stays on this device and is not kept. With the popper on is
        the better try.
      </p>
    </section>
  );
}

function wordsOf({ one, two, last }: Tries): string {
  if (last === undefined) return 'Whistle now: one, short and steady.';
  const heard = last === 1 ? 'One whistle: that marks.' : 'Two whistles: they take back.';
  if (one > 0 && two > 0) return `${heard} You have it.`;
  return `${heard} ${one > 0 ? 'Now two in a row.' : 'Now a single one.'}`;
}

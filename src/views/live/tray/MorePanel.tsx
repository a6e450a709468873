import { useEffect, useRef } from 'react';
import { type SenseKind, senses } from '@/core/roast';
import { useOnLeaving } from '@/ui/useOnLeaving';
import { PullControl } from '../PullControl';
import type { LiveRoastModel } from '../useLiveRoast';

interface MorePanelProps {
  readonly model: LiveRoastModel;
  /** Counts up each time the note is asked for by key; 0 for never. */
  readonly asked: number;
  readonly tapping: boolean;
  readonly onTapping: (on: boolean) => void;
  readonly listening: boolean;
  readonly onListening: (on: boolean) => void;
  readonly onHelp: () => void;
}

const cell =
  'border-2 border-ink min-h-[64px] min-w-0 rounded-xl px-1 text-[0.9rem] leading-tight font-bold active:bg-sunk';

/** A note in one line, what is seen besides colour, tapping with any key, a part taken out that nobody planned. */
export function MorePanel({ model, asked, tapping, onTapping, listening, onListening, onHelp }: MorePanelProps) {
  const field = useRef<HTMLInputElement>(null);
  const typed = useRef('');
  useEffect(() => {
    if (asked > 0) field.current?.focus();
  }, [asked]);
  const keep = () => {
    const text = typed.current.trim();
    typed.current = '';
    if (text) void model.deeds.log({ kind: 'note', text: text.slice(0, 500) });
    if (field.current) field.current.value = '';
    field.current?.blur();
  };
  // The beans do not wait until a note is finished: what was typed of it is kept.
  useOnLeaving(keep);
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-2 gap-1.5">
      <form
        className="flex gap-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <input
          ref={field}
          aria-label="Note"
          placeholder="A note"
          data-marks-on-space=""
          maxLength={500}
          className="border-husk min-h-[64px] w-0 min-w-0 flex-1 rounded-xl border-2 border-dashed bg-transparent px-3 text-lg"
          onChange={(event) => {
            typed.current = event.target.value;
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return;
            typed.current = '';
            event.currentTarget.value = '';
            event.currentTarget.blur();
          }}
        />
        <button type="submit" className={`${cell} w-[64px]`}>
          Keep
        </button>
        <a href="/" className={`${cell} grid w-[64px] place-items-center text-center font-normal`}>
          Other pages
        </a>
        <button type="button" className={`${cell} hidden w-[64px] wide:block`} onClick={onHelp}>
          Keys
        </button>
      </form>
      <div className="grid auto-cols-fr grid-flow-col gap-1.5">
        <SenseChoice model={model} sense="sheen" name="Sheen" />
        <SenseChoice model={model} sense="movement" name="They move" short="Moving" />
        <button
          type="button"
          aria-pressed={listening}
          className={`${cell} aria-pressed:bg-sunk`}
          onClick={() => onListening(!listening)}
        >
          {listening ? 'Listens: on' : 'Listen'}
        </button>
        <button
          type="button"
          aria-pressed={tapping}
          className={`${cell} aria-pressed:bg-sunk`}
          onClick={() => onTapping(!tapping)}
        >
          {tapping ? 'Any key: on' : 'Any key taps'}
        </button>
        <PullControl
          label="A part out"
          disabled={model.situation.reached.firstCrack === undefined}
          className={`${cell} relative overflow-hidden`}
          wordClassName=""
          onPull={() => void model.deeds.log({ kind: 'pull', all: false })}
        />
      </div>
    </div>
  );
}

interface SenseChoiceProps {
  readonly model: LiveRoastModel;
  readonly sense: SenseKind;
  readonly name: string;
  /** What stands on it, where the name has no room on a phone. */
  readonly short?: string;
}

function SenseChoice({ model, sense, name, short = name }: SenseChoiceProps) {
  const seen = model.situation.live.findLast((entry) => entry.kind === 'sense' && entry.sense === sense);
  return (
    <select
      aria-label={name}
      className={`${cell} appearance-none bg-transparent text-center`}
      value={seen?.kind === 'sense' ? seen.word : ''}
      onChange={(event) =>
        event.target.value && void model.deeds.log({ kind: 'sense', sense, word: event.target.value })
      }
    >
      <option value="">{short}…</option>
      {senses[sense].map((word) => (
        <option key={word} value={word}>
          {word}
        </option>
      ))}
    </select>
  );
}

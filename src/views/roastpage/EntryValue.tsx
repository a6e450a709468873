import { type Control, valuesOf, valueWords } from '@/core/gear';
import { issueSentence } from '@/core/issues';
import { ENTRY_C, type EntryDraft, type SenseKind, senses, smells } from '@/core/roast';
import { namedColours } from '@/core/shade';
import { fromCelsius, parseTemperature, type TemperatureUnit } from '@/core/units';
import { Choice } from '@/ui/Choice';

/** What of an entry can be said otherwise: its value as text, until it is read. */
export interface Said {
  readonly draft: EntryDraft;
  /** What stands in the field, where it is typed. */
  readonly text: string;
}

/** The text that stands for a draft's value in its field. */
export function textOf(draft: EntryDraft, unit: TemperatureUnit): string {
  if (draft.kind === 'reading') return String(Math.round(fromCelsius(draft.celsius, unit)));
  return draft.kind === 'note' ? draft.text : '';
}

/** The draft with what was typed read into it, or what is wrong with that. */
export function readSaid({ draft, text }: Said, unit: TemperatureUnit): EntryDraft | string {
  switch (draft.kind) {
    case 'reading': {
      const read = parseTemperature(text, unit, ENTRY_C);
      return read.ok ? { ...draft, celsius: read.value } : read.issues.map(issueSentence).join(' ');
    }
    case 'note':
      return text.trim() === '' ? 'Write the note.' : { ...draft, text: text.trim().slice(0, 500) };
    default:
      return draft;
  }
}

interface EntryValueProps {
  readonly said: Said;
  readonly controls: readonly Control[];
  readonly unit: TemperatureUnit;
  readonly onSaid: (said: Said) => void;
}

const field = 'border-husk min-h-11 border-b-2 bg-transparent';

/** The field for what an entry says besides its time; nothing for a mark, which says all by its name. */
export function EntryValue({ said, controls, unit, onSaid }: EntryValueProps) {
  const { draft, text } = said;
  const pick = (next: EntryDraft) => onSaid({ draft: next, text });
  switch (draft.kind) {
    case 'reading':
      return (
        <span className="inline-flex items-baseline gap-1">
          <input
            aria-label="The reading"
            inputMode="decimal"
            className={`num w-[5ch] text-right ${field}`}
            value={text}
            onChange={(event) => onSaid({ draft, text: event.target.value })}
          />
          °{unit}
        </span>
      );
    case 'note':
      return (
        <input
          aria-label="The note"
          maxLength={500}
          className={`w-full min-w-0 sm:w-72 ${field}`}
          value={text}
          onChange={(event) => onSaid({ draft, text: event.target.value })}
        />
      );
    case 'move': {
      const control = controls.find(({ id }) => id === draft.control);
      if (!control || control.kind === 'act') return null;
      const numbers = control.kind === 'step';
      return (
        <SaidChoice
          label={`${control.label} to`}
          value={String(draft.value ?? '')}
          options={valuesOf(control).map((value) => [value, valueWords(control, value)])}
          onPick={(value) => pick({ ...draft, value: numbers ? Number(value) : value })}
        />
      );
    }
    case 'smell':
      return (
        <SaidChoice
          label="Smell of"
          value={draft.smell}
          options={smells.map((smell) => [smell, smell])}
          onPick={(smell) => pick({ ...draft, smell: smell as typeof draft.smell })}
        />
      );
    case 'colour':
      return (
        <SaidChoice
          label="Colour"
          value={String(draft.tone)}
          options={namedColours.map(({ name, tone }) => [String(tone), name])}
          onPick={(tone) => pick({ ...draft, tone: Number(tone) })}
        />
      );
    case 'sense':
      return (
        <SaidChoice
          label={draft.sense}
          value={draft.word}
          options={senses[draft.sense as SenseKind].map((word) => [word, word])}
          onPick={(word) => pick({ ...draft, word })}
        />
      );
    default:
      return null;
  }
}

interface SaidProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onPick: (value: string) => void;
}

/** A choice that also holds what was said once and is no choice any more. */
function SaidChoice({ value, options, ...choice }: SaidProps) {
  const known = options.some(([key]) => key === value);
  return <Choice value={value} options={known ? options : [[value, value], ...options]} {...choice} />;
}

import { useForm, useWatch } from 'react-hook-form';
import { type Control, proposedValue, storedValue } from '@/core/gear';
import { type EntryDraft, type LiveEntry, type Milestone, milestoneNames, senseKinds, senses } from '@/core/roast';
import { namedColours } from '@/core/shade';
import { parseClock, type TemperatureUnit } from '@/core/units';
import { Button } from '@/ui/Button';
import { EntryValue, readSaid, type Said, textOf } from './EntryValue';
import { outOfRange } from './times';

const MARKS: readonly Milestone[] = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull', 'cooled'];

interface Forgotten {
  readonly key: string;
  /** What it says, where it was said already; another kind begins anew. */
  readonly said?: Said & { readonly key: string };
  readonly clock: string;
}

interface AddEntryProps {
  readonly live: readonly LiveEntry[];
  readonly controls: readonly Control[];
  readonly unit: TemperatureUnit;
  readonly onAdd: (draft: EntryDraft, atS: number) => void;
}

/** What was forgotten at the heat: any mark, move, reading or thing that was seen, with its time. */
export function AddEntry({ live, controls, unit, onAdd }: AddEntryProps) {
  const groups = groupsFor(live, controls);
  const all = groups.flatMap(({ items }) => items);
  const { register, handleSubmit, setError, setValue, reset, formState, control } = useForm<Forgotten>({
    defaultValues: { key: '', clock: '' },
  });
  const { key: chosen, said } = useWatch({ control });
  const item = all.find(({ key }) => key === chosen) ?? all[0];
  const error = formState.errors.clock?.message ?? formState.errors.root?.message;
  if (!item) return null;
  const now: Said & { key: string } =
    said?.key === item.key && said.draft
      ? { key: item.key, draft: said.draft as EntryDraft, text: said.text ?? '' }
      : { key: item.key, draft: item.draft, text: '' };
  const add = handleSubmit(({ clock }) => {
    const at = parseClock(clock);
    const wrong = at.ok ? outOfRange(at.value) : 'When was it? Write the time since the beans went in, such as 7:42.';
    if (!at.ok || wrong) return setError('clock', { message: wrong ?? '' }, { shouldFocus: true });
    const draft = readSaid(now, unit);
    if (typeof draft === 'string') return setError('root', { message: draft });
    onAdd(draft, at.value);
    reset({ key: item.key, clock: '' });
  });
  return (
    <form className="mt-3" noValidate onSubmit={add}>
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-husk">Forgotten:</span>
        <select
          aria-label="What was forgotten"
          className="border-husk min-h-11 border-b-2 bg-transparent"
          value={item.key}
          onChange={(event) => setValue('key', event.target.value)}
        >
          {groups.map(({ name, items }) => (
            <optgroup key={name} label={name}>
              {items.map(({ key, label }) => (
                <option key={key} value={key}>
                  {label}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
        <EntryValue
          said={{ ...now, text: now.text || textOfFresh(now.draft, unit) }}
          controls={controls}
          unit={unit}
          onSaid={(next) => setValue('said', { key: item.key, ...next })}
        />
        <span className="text-husk">at</span>
        <input
          aria-label="Its time"
          placeholder="7:42"
          className="num border-husk min-h-11 w-[6.5ch] border-b-2 bg-transparent text-right"
          {...register('clock')}
        />
        <Button type="submit">Add</Button>
      </div>
      {error && (
        <p role="alert" className="text-danger mt-1">
          {error}
        </p>
      )}
    </form>
  );
}

/** A reading begins as an empty field: no figure is proposed for it. */
const textOfFresh = (draft: EntryDraft, unit: TemperatureUnit) => (draft.kind === 'reading' ? '' : textOf(draft, unit));

interface Item {
  readonly key: string;
  readonly label: string;
  readonly draft: EntryDraft;
}

function groupsFor(live: readonly LiveEntry[], controls: readonly Control[]) {
  const has = (milestone: Milestone) =>
    live.some((entry) =>
      milestone === 'pull'
        ? entry.kind === 'pull' && entry.all
        : entry.kind === 'mark' && entry.milestone === milestone,
    );
  const item = (key: string, label: string, draft: EntryDraft): Item => ({ key, label, draft });
  const marks = MARKS.filter((milestone) => !has(milestone)).map((milestone) =>
    item(
      milestone,
      milestoneNames[milestone],
      milestone === 'pull' ? { kind: 'pull', all: true } : { kind: 'mark', milestone },
    ),
  );
  const moves = controls.map((control) => {
    const last = live.findLast((entry) => entry.kind === 'move' && entry.control === control.id);
    const value = proposedValue(control, last?.kind === 'move' ? last.value : undefined);
    const draft: EntryDraft = {
      kind: 'move',
      control: control.id,
      ...(value === undefined ? {} : { value: storedValue(control, value) }),
    };
    return item(`move ${control.id}`, control.label.toLowerCase(), draft);
  });
  const seen = [
    item('reading', 'a reading', { kind: 'reading', celsius: 0 }),
    item('smell', 'a smell', { kind: 'smell', smell: 'toast' }),
    item('colour', 'a colour', { kind: 'colour', tone: namedColours[0]?.tone ?? 0 }),
    ...senseKinds.map((sense) => item(sense, sense, { kind: 'sense', sense, word: senses[sense][0] })),
    item('pop', 'a pop of first crack', { kind: 'crack', crack: 'first' }),
    item('snap', 'a snap of second crack', { kind: 'crack', crack: 'second' }),
    item('note', 'a note', { kind: 'note', text: '' }),
  ];
  return [
    { name: 'Marks', items: [...marks, item('part', 'pull of a part', { kind: 'pull', all: false })] },
    { name: 'Moves', items: moves },
    { name: 'Seen, heard, smelled', items: seen },
  ].filter(({ items }) => items.length > 0);
}

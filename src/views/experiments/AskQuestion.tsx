import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { careNames, cares, type NextChange } from '@/core/experiment';
import { type Control, controlsOf, initialValue } from '@/core/gear';
import { isUnderWay, pullsOf } from '@/core/roast';
import { database } from '@/store/current';
import { startExperiment } from '@/store/experiments';
import { type NamedRoast, newestRoasts } from '@/store/queries';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useRoastDates } from '@/ui/useRoastDates';

/** Roasts to ask about: the newest ones. */
const SHOWN = 40;

type What = 'grams' | 'pull' | 'move' | 'care' | 'parts';
const whatNames = {
  grams: 'the batch',
  pull: 'when it is pulled',
  move: 'a setting of the gear',
  care: 'how it is handled',
  parts: 'nothing: two parts of a staged pull',
} as const satisfies Record<What, string>;

/** A question of one's own: of which roast, and the one thing that changes. */
export function AskQuestion({ onDone }: { readonly onDone: () => void }) {
  const dates = useRoastDates();
  const roasts = useLiveQuery(async () => {
    const all = await newestRoasts(database(), SHOWN);
    return all.filter(({ roast }) => !isUnderWay(roast));
  }, []);
  const [question, setQuestion] = useState('');
  const [aId, setAId] = useState('');
  const [what, setWhat] = useState<What>('grams');
  const [amount, setAmount] = useState('');
  const [choice, setChoice] = useState('');
  const [error, setError] = useState('');
  if (!roasts) return null;
  if (roasts.length === 0)
    return <p className="text-husk mt-4">A question needs a roast to begin from. Roast one first.</p>;
  const a = roasts.find(({ roast }) => roast.id === aId) ?? (roasts[0] as NamedRoast);
  const settings = controlsOf(a.gear ?? { method: 'other' }).filter((control) => control.kind !== 'act');
  const parts = pullsOf(a.roast);
  const begin = async () => {
    const text = question.trim();
    if (text === '') return setError('Write the question, such as “Longer browning?”.');
    const change = changeOf(what, amount, choice, settings);
    if (typeof change === 'string') return setError(change);
    if (what === 'parts' && parts.length < 2)
      return setError('That roast was pulled all at once. Choose one with a staged pull.');
    const staged = what === 'parts' ? { bRoastId: a.roast.id, aPullId: parts[0]?.id, bPullId: parts.at(-1)?.id } : {};
    await startExperiment(database(), { question: text, change, aRoastId: a.roast.id, ...staged });
    onDone();
  };
  return (
    <section className="bg-sunk mt-4 max-w-3xl rounded-2xl p-5" aria-label="A question of your own">
      <TextField
        label="The question"
        placeholder="Longer browning?"
        maxLength={200}
        value={question}
        onChange={(event) => setQuestion(event.target.value)}
      />
      <p className="mt-4 text-lg">
        Like the roast of{' '}
        <select
          aria-label="Roast to begin from"
          className="choice"
          value={a.roast.id}
          onChange={(event) => setAId(event.target.value)}
        >
          {roasts.map(({ roast, lotName, gearName }) => (
            <option key={roast.id} value={roast.id}>
              {dates.date(roast.createdAt)}, {lotName}, {gearName}
            </option>
          ))}
        </select>
        , but with a change of{' '}
        <select
          aria-label="What changes"
          className="choice"
          value={what}
          onChange={(event) => setWhat(event.target.value as What)}
        >
          {(Object.keys(whatNames) as What[]).map((key) => (
            <option key={key} value={key}>
              {whatNames[key]}
            </option>
          ))}
        </select>
        {what === 'move' && (
          <>
            , namely{' '}
            <select
              aria-label="Setting"
              className="choice"
              value={choice}
              onChange={(event) => setChoice(event.target.value)}
            >
              <option value="">which?</option>
              {settings.map((control) => (
                <option key={control.id} value={control.id}>
                  {control.label.toLowerCase()} (usually {String(initialValue(control))})
                </option>
              ))}
            </select>
          </>
        )}
        {what === 'care' && (
          <>
            :{' '}
            <select
              aria-label="Handling"
              className="choice"
              value={choice}
              onChange={(event) => setChoice(event.target.value)}
            >
              {cares.map((care) => (
                <option key={care} value={care}>
                  {careNames[care]}
                </option>
              ))}
            </select>
          </>
        )}
        .
      </p>
      {(what === 'grams' || what === 'pull' || what === 'move') && (
        <div className="mt-3 max-w-xs">
          <TextField
            label={
              what === 'grams'
                ? 'Grams more (less with a minus)'
                : what === 'pull'
                  ? 'Seconds later (earlier with a minus)'
                  : 'Set to, from yellow on'
            }
            value={amount}
            onChange={(event) => setAmount(event.target.value)}
          />
        </div>
      )}
      {error && (
        <p role="alert" className="text-danger mt-2">
          {error}
        </p>
      )}
      <div className="mt-4 flex gap-3">
        <Button variant="next" onClick={() => void begin()}>
          Ask it
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </section>
  );
}

/** The change that was asked for, or what is wrong with it. */
function changeOf(
  what: What,
  amount: string,
  choice: string,
  settings: ReturnType<typeof controlsOf>,
): NextChange | string {
  const number = Number(amount.replace('−', '-').replace(',', '.').trim());
  const given = amount.trim() !== '' && Number.isFinite(number) && number !== 0;
  switch (what) {
    case 'grams':
      return given && Math.abs(number) <= 1000
        ? { kind: 'grams', byGrams: number }
        : 'Write how many grams more or less, such as −10.';
    case 'pull':
      return given && Math.abs(number) <= 600
        ? { kind: 'pull', byS: number }
        : 'Write how many seconds later or earlier, such as 20.';
    case 'care':
      return { kind: 'care', care: cares.find((each) => each === choice) ?? cares[0] };
    case 'parts':
      return { kind: 'care', care: 'byColour' };
    case 'move':
      return moveOf(
        settings.find(({ id }) => id === choice),
        amount.trim(),
        given ? number : undefined,
      );
  }
}

/** Another setting from yellow on, or what is wrong with it; `number` where one was written. */
function moveOf(control: Control | undefined, written: string, number: number | undefined): NextChange | string {
  if (!control) return 'Choose the setting that changes.';
  const when = { kind: 'milestone', milestone: 'yellow' } as const;
  if (control.kind === 'step')
    return number !== undefined && number >= control.least && number <= control.most
      ? { kind: 'move', control: control.id, value: number, when }
      : `${control.label} goes from ${control.least} to ${control.most}. Write a number between.`;
  const words = control.kind === 'words' ? control.words : control.kind === 'switch' ? [control.on, control.off] : [];
  return words.includes(written)
    ? { kind: 'move', control: control.id, value: written, when }
    : `${control.label} can be ${words.join(' or ')}. Write one of them.`;
}

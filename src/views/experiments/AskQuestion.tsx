import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import {
  type AskedAmount,
  askedGrams,
  askedMove,
  askedPull,
  careNames,
  cares,
  type NextChange,
} from '@/core/experiment';
import { settingsOf } from '@/core/forecast';
import { type Control, controlsOf, proposedValue, valuesOf, valueWords } from '@/core/gear';
import { issueSentence, type Result, success } from '@/core/issues';
import { isUnderWay, liveEntries, milestonesOf, pullsOf, type Roast } from '@/core/roast';
import { database } from '@/store/current';
import { startExperiment } from '@/store/experiments';
import { type NamedRoast, newestRoasts } from '@/store/queries';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { Amount } from './Amount';

/** Roasts to ask about: the newest ones. */
const SHOWN = 40;

const whats = ['grams', 'pull', 'move', 'care', 'parts'] as const;
type What = (typeof whats)[number];
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
  const { weightUnit } = useWords();
  const roasts = useLiveQuery(async () => {
    const all = await newestRoasts(database(), SHOWN);
    return all.filter(({ roast }) => !isUnderWay(roast));
  }, []);
  const [question, setQuestion] = useState('');
  const [aId, setAId] = useState('');
  const [picked, setPicked] = useState<What>('grams');
  const [amount, setAmount] = useState<AskedAmount>({ text: '', way: 'more' });
  const [controlId, setControlId] = useState('');
  const [wanted, setWanted] = useState('');
  const [care, setCare] = useState<(typeof cares)[number]>(cares[0]);
  const [error, setError] = useState('');
  if (!roasts) return null;
  if (roasts.length === 0)
    return <p className="text-husk mt-4">A question needs a roast to begin from. Roast one first.</p>;
  const a = roasts.find(({ roast }) => roast.id === aId) ?? (roasts[0] as NamedRoast);
  const settings = controlsOf(a.gear).filter((control) => control.kind !== 'act');
  const setting = settings.find(({ id }) => id === controlId) ?? settings[0];
  // Other gear may have nothing to set.
  const what = picked === 'move' && !setting ? 'grams' : picked;
  const values = setting ? valuesOf(setting) : [];
  const had = setting && hadIn(setting, a.roast);
  const value = setting && !values.includes(wanted) ? (proposedValue(setting, had) ?? '') : wanted;
  const parts = pullsOf(a.roast);
  const changeOf = (): Result<NextChange> => {
    if (what === 'grams') return askedGrams(amount, weightUnit);
    if (what === 'pull') return askedPull(amount);
    if (what === 'move' && setting) return success(askedMove(setting, value));
    return success({ kind: 'care', care: what === 'parts' ? 'byColour' : care });
  };
  const begin = async () => {
    const text = question.trim();
    if (text === '') return setError('Write the question, such as “Longer browning?”.');
    if (what === 'parts' && parts.length < 2)
      return setError('That roast was pulled all at once. Choose one with a staged pull.');
    const change = changeOf();
    if (!change.ok) return setError(change.issues.map(issueSentence).join(' '));
    const staged = what === 'parts' ? { bRoastId: a.roast.id, aPullId: parts[0]?.id, bPullId: parts.at(-1)?.id } : {};
    await startExperiment(database(), { question: text, change: change.value, aRoastId: a.roast.id, ...staged });
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
      <p className="mt-4 text-lg leading-[2.2]">
        Like the roast of{' '}
        <Choice
          label="Roast to begin from"
          value={a.roast.id}
          options={roasts.map(({ roast, lotName, gearName }) => [
            roast.id,
            `${dates.date(roast.createdAt)}, ${lotName}, ${gearName}`,
          ])}
          onPick={(id) => {
            setAId(id);
            setWanted('');
          }}
        />
        , but with a change of{' '}
        <Choice
          label="What changes"
          value={what}
          options={whats
            .filter((each) => each !== 'move' || settings.length > 0)
            .map((each) => [each, whatNames[each]])}
          onPick={setPicked}
        />
        {(what === 'grams' || what === 'pull') && (
          <>
            :{' '}
            <Amount
              amount={amount}
              onAmount={setAmount}
              {...(what === 'grams'
                ? { label: 'How much', unit: weightUnit, ways: { more: 'more', less: 'less' } }
                : { label: 'Seconds', unit: 's', ways: { more: 'later', less: 'earlier' } })}
            />
          </>
        )}
        {what === 'move' && setting && (
          <>
            :{' '}
            <Choice
              label="Setting"
              value={setting.id}
              options={settings.map((control) => [control.id, control.label.toLowerCase()])}
              onPick={(id) => {
                setControlId(id);
                setWanted('');
              }}
            />{' '}
            {setting.kind === 'switch' ? '' : 'to '}
            <Choice
              label="To"
              value={value}
              options={values.map((each) => [each, valueWords(setting, each)])}
              onPick={setWanted}
            />{' '}
            from yellow on{had !== undefined && ` (${valueWords(setting, had)} in that roast)`}
          </>
        )}
        {what === 'care' && (
          <>
            :{' '}
            <Choice
              label="Handling"
              value={care}
              options={cares.map((each) => [each, careNames[each]])}
              onPick={setCare}
            />
          </>
        )}
        .
      </p>
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

/** What a control stood at as yellow came in a roast; undefined where nobody noted it. */
function hadIn(control: Control, roast: Roast): string | number | undefined {
  const live = liveEntries(roast.entries);
  const yellow = milestonesOf(live).yellow ?? Number.POSITIVE_INFINITY;
  return settingsOf(roast.plannedMoves, live).findLast((set) => set.control === control.id && set.at <= yellow)?.value;
}

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
import { issueSentence, type Result, success } from '@/core/issues';
import { isUnderWay, pullsOf } from '@/core/roast';
import { database } from '@/store/current';
import { startExperiment } from '@/store/experiments';
import { type NamedRoast, newestRoasts } from '@/store/queries';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import { Amount } from './Amount';
import { PartsChoice, partsAsked } from './PartsChoice';
import { SettingChoice, settingAsked } from './SettingChoice';

/** Roasts to ask about: the newest ones. */
const SHOWN = 40;

const whats = ['grams', 'pull', 'move', 'care', 'parts'] as const;
type What = (typeof whats)[number];
const whatNames = {
  grams: 'the batch',
  pull: 'when it is pulled',
  move: 'a setting of the gear',
  care: 'how it is handled',
  parts: 'nothing: two parts of its staged pull',
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
  const [partIds, setPartIds] = useState<readonly string[]>([]);
  const [error, setError] = useState('');
  if (!roasts) return null;
  if (roasts.length === 0)
    return <p className="text-husk mt-4">A question needs a roast to begin from. Roast one first.</p>;
  const staged = roasts.filter(({ roast }) => pullsOf(roast).length > 1);
  const shown = picked === 'parts' && staged.length > 0 ? staged : roasts;
  const a = shown.find(({ roast }) => roast.id === aId) ?? (shown[0] as NamedRoast);
  const asked = settingAsked(a, controlId, wanted);
  // Other gear may have nothing to set, and nobody need have pulled in parts.
  const lacking: readonly What[] = [
    ...(asked ? [] : ['move' as const]),
    ...(staged.length > 0 ? [] : ['parts' as const]),
  ];
  const what = lacking.includes(picked) ? 'grams' : picked;
  const changeOf = (): Result<NextChange> => {
    if (what === 'grams') return askedGrams(amount, weightUnit);
    if (what === 'pull') return askedPull(amount);
    if (what === 'move' && asked) return success(askedMove(asked.setting, asked.value));
    return success({ kind: 'care', care: what === 'parts' ? 'byColour' : care });
  };
  const begin = async () => {
    const text = question.trim();
    if (text === '') return setError('Write the question, such as “Longer browning?”.');
    const [aPullId, bPullId] = partsAsked(a.roast, partIds);
    if (what === 'parts' && aPullId === bPullId) return setError('Choose two different parts.');
    const change = changeOf();
    if (!change.ok) return setError(change.issues.map(issueSentence).join(' '));
    const ofParts = what === 'parts' ? { bRoastId: a.roast.id, aPullId, bPullId } : {};
    await startExperiment(database(), { question: text, change: change.value, aRoastId: a.roast.id, ...ofParts });
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
          options={shown.map(({ roast, lotName, gearName }) => [
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
          options={whats.filter((each) => !lacking.includes(each)).map((each) => [each, whatNames[each]])}
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
        {what === 'move' && asked && (
          <SettingChoice
            {...asked}
            onControl={(id) => {
              setControlId(id);
              setWanted('');
            }}
            onValue={setWanted}
          />
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
        {what === 'parts' && <PartsChoice roast={a.roast} picked={partIds} onPick={setPartIds} />}.
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

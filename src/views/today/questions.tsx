import { lazy, Suspense, useState } from 'react';
import { type MethodId, methodIds, methodOf, usualGramsOf } from '@/core/gear';
import { type Household, mugGrams } from '@/core/household';
import { issueSentence } from '@/core/issues';
import { parseWeight, weightFieldText } from '@/core/units';
import type { GearFacts, LotFacts } from '@/store/larder';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { useHousehold, useWords } from '@/ui/useHousehold';

/** Loaded for who wants to say more at once. */
const GearForm = lazy(() => import('@/ui/forms/GearForm').then((module) => ({ default: module.GearForm })));
const LotForm = lazy(() => import('@/ui/forms/LotForm').then((module) => ({ default: module.LotForm })));

interface Answer<T> {
  readonly onSave: (facts: T) => Promise<void>;
}

/** One press for the kind of gear; its figures are the method's until the person knows better. */
export function GearQuestion({ onSave }: Answer<GearFacts>) {
  const [more, setMore] = useState(false);
  const words = useWords();
  const household = useHousehold();
  const pick = (method: MethodId) => void onSave({ nickname: shortName(methodOf(method).name), method });
  if (more)
    return (
      <Suspense fallback={<p className="text-husk">…</p>}>
        <GearForm onSave={onSave} />
      </Suspense>
    );
  return (
    <>
      <ul className="grid gap-3 sm:grid-cols-2">
        {methodIds.map((method) => (
          <li key={method}>
            <button
              type="button"
              className="border-ink active:bg-sunk hover:bg-sunk min-h-[64px] w-full rounded-xl border-2 px-4 py-2 text-left"
              onClick={() => pick(method)}
            >
              <b className="block">{methodOf(method).name}</b>
              <span className="text-husk text-[0.95rem]">about {words.weight(usualGramsOf({ method }))} at a time</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-4">
        <Button variant="quiet" onClick={() => setMore(true)}>
          Say more about it
        </Button>
      </p>
      <p className="text-husk mt-4">
        As this browser is set: {household.weightUnit === 'g' ? 'grams' : 'ounces'}, °{household.temperatureUnit},{' '}
        {household.currency}, {household.hourClock} hours, weeks from{' '}
        {{ 0: 'Sunday', 1: 'Monday', 6: 'Saturday' }[household.weekStart]}. All of it can be changed in Files and
        settings.
      </p>
    </>
  );
}

/** "Hot-air popper" of "Hot-air popper", "Stovetop popper" of "Stovetop popper, cranked". */
const shortName = (name: string) => name.split(',')[0] ?? name;

/** Two mugs a day for one, unless they say otherwise. */
export function DrinkQuestion({ onSave }: Answer<Partial<Household>>) {
  const household = useHousehold();
  const words = useWords();
  const [people, setPeople] = useState('1');
  const [mugs, setMugs] = useState('2');
  const [count, each] = [Number(people), Number(mugs.replace(',', '.'))];
  const valid = Number.isInteger(count) && count >= 1 && count <= 50 && each > 0 && each <= 20;
  const grams = each * mugGrams(household);
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (valid) void onSave({ people: count, gramsPerPersonDay: Math.round(grams * 10) / 10 });
      }}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="People who drink it"
          inputMode="numeric"
          value={people}
          onChange={(event) => setPeople(event.target.value)}
        />
        <TextField
          label="Mugs a day, each"
          inputMode="decimal"
          value={mugs}
          onChange={(event) => setMugs(event.target.value)}
        />
      </div>
      <p className="text-husk mt-3" role="status">
        {valid
          ? `That is ${words.weight(count * grams)} of roasted coffee a day, by mugs of ${household.mugMl} ml; ${words.weight(7 * count * grams)} a week.`
          : 'Write how many people, 1 to 50, and how many mugs, up to 20.'}
      </p>
      <Button type="submit" variant="next" size="large" className="mt-4" disabled={!valid}>
        Go on
      </Button>
    </form>
  );
}

const PACK_GRAMS = { g: 500, oz: 453.6 } as const;
const PACK_RANGE = { leastGrams: 1, mostGrams: 100_000 };

/** A pack with a name; everything else about it can wait. */
export function LotQuestion({ onSave }: Answer<LotFacts>) {
  const { weightUnit } = useHousehold();
  const [more, setMore] = useState(false);
  const [name, setName] = useState('House green');
  const [text, setText] = useState(`${weightFieldText(PACK_GRAMS[weightUnit], weightUnit)} ${weightUnit}`);
  const grams = parseWeight(text, weightUnit, { range: PACK_RANGE });
  if (more)
    return (
      <Suspense fallback={<p className="text-husk">…</p>}>
        <LotForm onSave={onSave} />
      </Suspense>
    );
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (grams.ok && name.trim() !== '')
          void onSave({ name: name.trim(), origin: '', process: 'other', packs: [{ grams: grams.value }] });
      }}
    >
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="What you call them"
          maxLength={80}
          value={name}
          error={name.trim() === '' ? 'Give them a name; it can be changed.' : undefined}
          onChange={(event) => setName(event.target.value)}
        />
        <TextField
          label="How much green"
          value={text}
          error={grams.ok ? undefined : grams.issues.map(issueSentence).join(' ')}
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <div className="mt-5 flex flex-wrap items-center gap-4">
        <Button type="submit" variant="next" size="large">
          These beans: to the plan
        </Button>
        <Button variant="quiet" onClick={() => setMore(true)}>
          Say more about them
        </Button>
      </div>
    </form>
  );
}

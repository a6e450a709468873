import { Controller, useForm } from 'react-hook-form';
import type { JarEvent } from '@/core/shelf';
import { DAY_MS, localDay, parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { addJarEvent, type JarNow } from '@/store/shelf';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { TextField } from '@/ui/Field';
import { beside, readDraft } from '@/ui/forms/readDraft';
import { useWords } from '@/ui/useHousehold';
import { JarAccount } from './JarAccount';

const HAPPENED = [
  ['use', 'was used'],
  ['weigh', 'is left, by the scale'],
  ['grind', 'was ground'],
  ['give', 'was given away'],
  ['throw', 'was thrown away'],
] as const;
type Happened = (typeof HAPPENED)[number][0];

const RANGE = { leastGrams: 0, mostGrams: 100_000 };

/** What is left, by the scale or by what happened, now or on an earlier day; and the account that follows from it. */
export function WhatHappened({ jar }: { readonly jar: JarNow }) {
  const words = useWords();
  const today = localDay(Date.now());
  const { register, handleSubmit, setError, resetField, formState, control } = useForm({
    // No day means now, also after midnight.
    defaultValues: { kind: 'weigh' as Happened, day: '', amount: '' },
  });
  const days = daysSince(jar.madeAt);
  const take = handleSubmit(async ({ kind, day, ...draft }) => {
    const read = readDraft(
      draft,
      { amount: (text) => parseWeight(text, words.weightUnit, { range: RANGE }) },
      beside(setError),
    );
    if (!read) return;
    resetField('amount');
    const happenedAt = momentOn(day || localDay(Date.now()), jar.madeAt);
    const grams = read.amount;
    const event: JarEvent =
      kind === 'weigh' ? { kind, doneAt: happenedAt, leftGrams: grams } : { kind, doneAt: happenedAt, grams };
    const undo = await addJarEvent(database(), jar.row, event);
    const happened = HAPPENED.find(([each]) => each === kind)?.[1] ?? '';
    notify({ text: `Noted: ${words.weight(grams)} ${happened}.`, undo });
  });
  return (
    <section className="border-ink border-t-2 pt-3 md:col-span-2">
      <h2 className="mb-2 text-xl">What is left, and what happened to it</h2>
      <form noValidate className="flex flex-wrap items-end gap-x-4 gap-y-2" onSubmit={take}>
        <div className="w-32">
          <TextField
            label="How much"
            autoComplete="off"
            error={formState.errors.amount?.message}
            {...register('amount')}
          />
        </div>
        <p className="pb-1">
          <Controller
            control={control}
            name="kind"
            render={({ field }) => (
              <Choice label="What happened" value={field.value} options={HAPPENED} onPick={field.onChange} />
            )}
          />{' '}
          <Controller
            control={control}
            name="day"
            render={({ field }) => (
              <Choice
                label="When"
                value={field.value || today}
                options={days.map((day) => [day, day === today ? 'now' : words.dayOf(noonOf(day))])}
                onPick={field.onChange}
              />
            )}
          />
        </p>
        <Button type="submit" className="mb-1">
          Take it
        </Button>
      </form>
      {jar.account.tooHeavy && (
        <p className="text-danger mt-2">
          It was weighed heavier than it can be. Look at the weights again; they are kept as they are.
        </p>
      )}
      <div className="mt-3">
        <JarAccount jar={jar} />
      </div>
      <p className="text-husk mt-2 max-w-[75ch]">
        On a day of which nobody noted a use, yours is drawn at its end from what is rested, the jar in hand first. What
        is noted counts from its own moment on and changes nothing before it.
      </p>
    </section>
  );
}

const MOST_DAYS = 60;

/** Days since the jar was filled, newest first. */
function daysSince(madeAt: string): string[] {
  const filled = localDay(madeAt);
  const all = Array.from({ length: MOST_DAYS }, (_, i) => localDay(Date.now() - i * DAY_MS));
  const days = all.filter((day) => day >= filled);
  return days.length > 0 ? days : all.slice(0, 1);
}

function noonOf(day: string): number {
  return new Date(`${day}T12:00`).getTime();
}

/** Now, or the noon of an earlier day, but never before the jar was filled. */
function momentOn(day: string, madeAt: string): string {
  if (day === localDay(Date.now())) return new Date().toISOString();
  return new Date(Math.max(noonOf(day), Date.parse(madeAt))).toISOString();
}

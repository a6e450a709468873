import { format, parseISO } from 'date-fns';
import { dequal } from 'dequal/lite';
import { useId } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { parseUse } from '@/core/plan';
import { localDay } from '@/core/units';
import { Button } from '@/ui/Button';
import { beside, readDraft } from '@/ui/forms/readDraft';
import type { AheadModel } from '@/ui/useAhead';
import { useWords } from '@/ui/useHousehold';

/** So many of each are kept (core/household). */
const MOST = 20;

/** Days that are not as others: guests who drink more, and days on which nobody is at home. */
export function GuestsAndAway({ ahead }: { readonly ahead: AheadModel }) {
  const words = useWords();
  const { settings, change } = ahead;
  const today = localDay(new Date());
  const { register, handleSubmit, setError, setValue, getValues, formState, control } = useForm({
    defaultValues: { kind: 'guests' as 'guests' | 'away', from: today, to: today, amount: '10 mugs' },
  });
  const kind = useWatch({ control, name: 'kind' });
  const wrong = formState.errors.to?.message ?? formState.errors.amount?.message;
  const id = useId();
  const span = (each: { readonly from: string; readonly to: string }) =>
    each.from === each.to
      ? format(parseISO(each.from), 'EEE d MMM')
      : `${format(parseISO(each.from), 'EEE d MMM')} to ${format(parseISO(each.to), 'EEE d MMM')}`;
  const add = handleSubmit(({ from, to, amount }) => {
    if (!from || !to || to < from)
      return setError('to', { message: 'The last day must not be before the first.' }, { shouldFocus: true });
    if (kind === 'away') return change(({ away }) => ({ away: [...away, { from, to }].slice(-MOST) }));
    const read = readDraft({ amount }, { amount: (text) => parseUse(text, ahead.basis) }, beside(setError));
    if (read) change(({ guests }) => ({ guests: [...guests, { from, to, grams: read.amount }].slice(-MOST) }));
  });
  return (
    <section className="border-ink mt-8 border-t-2 pt-3">
      <h2 className="text-xl">Guests and days away</h2>
      <ul className="mt-1 max-w-3xl">
        {settings.guests.map((each) => (
          <li key={`g${each.from}${each.to}${each.grams}`} className="flex flex-wrap items-center gap-x-4">
            <span className="mr-auto">
              {span(each)}: guests, {words.weight(each.grams)} more
            </span>
            <Button
              variant="quiet"
              onClick={() => change(({ guests }) => ({ guests: guests.filter((other) => !dequal(other, each)) }))}
              aria-label={`Take out ${span(each)}`}
            >
              Take out
            </Button>
          </li>
        ))}
        {settings.away.map((each) => (
          <li key={`a${each.from}${each.to}`} className="flex flex-wrap items-center gap-x-4">
            <span className="mr-auto">{span(each)}: away, nothing is drunk</span>
            <Button
              variant="quiet"
              onClick={() => change(({ away }) => ({ away: away.filter((other) => !dequal(other, each)) }))}
              aria-label={`Take out ${span(each)}`}
            >
              Take out
            </Button>
          </li>
        ))}
      </ul>
      <form noValidate className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-3" onSubmit={add}>
        <label className="text-husk">
          Who
          <select className="choice text-ink block" {...register('kind')}>
            <option value="guests">guests come</option>
            <option value="away">we are away</option>
          </select>
        </label>
        <label className="text-husk">
          From
          <input
            type="date"
            className="choice text-ink block"
            {...register('from', {
              onChange: ({ target }) => target.value > getValues('to') && setValue('to', target.value),
            })}
          />
        </label>
        <label className="text-husk">
          Up to
          <input type="date" className="choice text-ink block" aria-describedby={id} {...register('to')} />
        </label>
        {kind === 'guests' && (
          <label className="text-husk">
            They drink, in all
            <input className="choice text-ink block w-[12ch]" aria-describedby={id} {...register('amount')} />
          </label>
        )}
        <Button type="submit">Add</Button>
      </form>
      {wrong && (
        <p id={id} role="alert" className="text-danger mt-2">
          {wrong}
        </p>
      )}
    </section>
  );
}

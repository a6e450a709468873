import { format, parseISO } from 'date-fns';
import { dequal } from 'dequal/lite';
import { useId, useState } from 'react';
import { issueSentence } from '@/core/issues';
import { parseUse } from '@/core/plan';
import { localDay } from '@/core/units';
import { Button } from '@/ui/Button';
import type { AheadModel } from '@/ui/useAhead';
import { useWords } from '@/ui/useHousehold';

/** So many of each are kept (core/household). */
const MOST = 20;

/** Days that are not as others: guests who drink more, and days on which nobody is at home. */
export function GuestsAndAway({ ahead }: { readonly ahead: AheadModel }) {
  const words = useWords();
  const { settings, change } = ahead;
  const today = localDay(new Date());
  const [kind, setKind] = useState<'guests' | 'away'>('guests');
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(today);
  const [text, setText] = useState('10 mugs');
  const [wrong, setWrong] = useState<string>();
  const id = useId();
  const span = (each: { readonly from: string; readonly to: string }) =>
    each.from === each.to
      ? format(parseISO(each.from), 'EEE d MMM')
      : `${format(parseISO(each.from), 'EEE d MMM')} to ${format(parseISO(each.to), 'EEE d MMM')}`;
  const add = () => {
    if (!from || !to || to < from) return setWrong('The last day must not be before the first.');
    if (kind === 'away') {
      setWrong(undefined);
      return change(({ away }) => ({ away: [...away, { from, to }].slice(-MOST) }));
    }
    const read = parseUse(text, ahead.basis);
    if (!read.ok) return setWrong(read.issues.map(issueSentence).join(' '));
    setWrong(undefined);
    change(({ guests }) => ({ guests: [...guests, { from, to, grams: read.value }].slice(-MOST) }));
  };
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
      <form
        noValidate
        className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <label className="text-husk">
          Who
          <select
            className="choice text-ink block"
            value={kind}
            onChange={(event) => setKind(event.target.value as typeof kind)}
          >
            <option value="guests">guests come</option>
            <option value="away">we are away</option>
          </select>
        </label>
        <label className="text-husk">
          From
          <input
            type="date"
            className="choice text-ink block"
            value={from}
            onChange={(event) => {
              setFrom(event.target.value);
              if (event.target.value > to) setTo(event.target.value);
            }}
          />
        </label>
        <label className="text-husk">
          Up to
          <input
            type="date"
            className="choice text-ink block"
            value={to}
            onChange={(event) => setTo(event.target.value)}
          />
        </label>
        {kind === 'guests' && (
          <label className="text-husk">
            They drink, in all
            <input
              className="choice text-ink block w-[12ch]"
              value={text}
              aria-describedby={id}
              onChange={(event) => setText(event.target.value)}
            />
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

import { addDays, format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { type BatchAhead, countsOfBeans, windowDays } from '@/core/plan';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import type { JarNow } from '@/store/shelf';
import { type AheadData, readAhead } from '@/store/stockPlan';
import { LinkButton } from '@/ui/Button';
import { beansWords } from '@/ui/beansWords';
import { onDay } from '@/ui/dates';
import { useAhead } from '@/ui/useAhead';
import { useWords } from '@/ui/useHousehold';

/** When the next roast is due, so that it has rested before the shelf runs short, and of what. */
export function RoastNext({ jars }: { readonly jars: readonly JarNow[] }) {
  const read = useLiveQuery(() => readAhead(database()), []);
  return read ? <Due data={{ jars, ...read }} /> : null;
}

/** The same answer as four weeks ahead gives, since it is the same question. */
function Due({ data }: { readonly data: AheadData }) {
  const words = useWords();
  const { plan, gramsPerDay, usual, household, roasts, beans, nameOf, hasGreen } = useAhead(data);
  const now = new Date();
  const [due] = roasts;
  const next = due?.day;
  const { restDays } = windowDays(usual.shade, household.restSchool);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="text-husk font-text mb-1 text-base font-normal">Roast next</h2>
      {next === undefined ? (
        <p>
          {plan.runsOutDay === undefined
            ? 'There is coffee for four weeks; no roast is due.'
            : 'What has rested runs out, and none of your roast days comes in time.'}
        </p>
      ) : (
        <>
          <What
            day={next === 0 ? 'Today' : next === 1 ? 'Tomorrow' : format(addDays(now, next), 'EEEE d MMMM')}
            batches={(due?.listed.length ?? 0) + (due?.batches ?? 0)}
            of={[...(due?.listed ?? []), ...(beans[0] ?? [])]}
            nameOf={nameOf}
          />
          <p className="mt-2">
            {runsOutWords(plan.runsOutDay, now)} at {words.weight(gramsPerDay)} a day; {words.shade(usual.shade)} wants{' '}
            {restDays === 1 ? 'a day' : `${restDays} days`} of rest.
          </p>
          <div className="mt-3 flex flex-wrap gap-3">
            <LinkButton
              href={next === 0 && !due?.planned ? '/plan/' : `/plan/day/?date=${localDay(addDays(now, next))}`}
              variant="next"
            >
              {due?.planned && due.batches === 0 ? 'See the day' : 'Plan it'}
            </LinkButton>
            <LinkButton href="/plan/ahead/" variant="quiet">
              Four weeks ahead
            </LinkButton>
          </div>
        </>
      )}
      {!hasGreen && (
        <p className="text-danger mt-2">
          Hardly any green is left.{' '}
          <a className="underline underline-offset-4" href="/larder/">
            Add beans
          </a>
        </p>
      )}
    </section>
  );
}

function runsOutWords(day: number | undefined, now: Date): string {
  if (day === undefined) return 'What has rested lasts four weeks';
  return day === 0 ? 'Nothing rested is left' : `What has rested runs out ${onDay(addDays(now, day))}`;
}

interface WhatProps {
  readonly day: string;
  readonly batches: number;
  readonly of: readonly BatchAhead[];
  readonly nameOf: (lotId: string) => string;
}

/** The day, and what is roasted on it: of one kind of beans in a line, else below it. */
function What({ day, batches, of, nameOf }: WhatProps) {
  const [first, ...others] = countsOfBeans(of);
  const isOne = others.length === 0;
  return (
    <>
      <p className="font-heading text-2xl leading-tight font-semibold">
        {day}
        {first && isOne && `, ${nameOf(first[0])}`}
        {batches > 1 && `, ${batches} batches`}
      </p>
      {first && (!isOne || of.length < batches) && <p className="mt-2">{beansWords(of, batches, nameOf)}</p>}
    </>
  );
}

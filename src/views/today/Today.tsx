import { useLiveQuery } from 'dexie-react-hooks';
import { finalShade, isUnderWay, roastedGrams } from '@/core/roast';
import { whatToDrink } from '@/core/shelf';
import { HOUR_MS } from '@/core/units';
import { database } from '@/store/current';
import type { NamedRoast } from '@/store/queries';
import { type JarNow, jarsOnShelf } from '@/store/shelf';
import { Button, LinkButton } from '@/ui/Button';
import { dayWords } from '@/ui/dates';
import { JarBars } from '@/ui/JarBars';
import { dayName, jarName } from '@/ui/jarWords';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { saveCalendar } from '@/ui/saveCalendar';
import { useWords } from '@/ui/useHousehold';
import { useNow } from '@/ui/useNow';
import { useRoastDates } from '@/ui/useRoastDates';
import { RoastNext } from './RoastNext';

const SHOWN_ROWS = 3;
const SHOWN_JARS = 6;
const FIRST_IS_ON = 'Your first roast is on the heat.';

/** What to drink now, what is ready when, what to roast next, what is left open. */
export function Today({ rows }: { readonly rows: readonly NamedRoast[] }) {
  const dates = useRoastDates();
  const words = useWords();
  const nowMs = useNow(HOUR_MS);
  const jars = useLiveQuery(() => jarsOnShelf(database(), Date.now()), [nowMs]);
  const cups = useLiveQuery(
    async () => new Set((await database().cups.toArray()).map(({ roastId }) => roastId as string)),
    [],
  );
  const done = rows.filter(({ roast }) => !isUnderWay(roast));
  if (!jars || !cups) return <p className="text-husk py-10">Looking at the shelf…</p>;
  const shown = jars.slice(-SHOWN_JARS);
  const nameOf = (jar: JarNow) => jarName(jar, jars, (iso) => `roasted ${dates.date(iso)}`, words.shade);
  return (
    <div className="grid gap-x-14 gap-y-8 pt-8 lg:grid-cols-[minmax(0,1fr)_21rem]">
      <section>
        <h1 className="max-w-3xl text-[clamp(1.8rem,4vw,2.5rem)]">
          {done.length === 0 && rows.length > 0 ? FIRST_IS_ON : headline(jars, done[0], Date.now(), nameOf)}
        </h1>
        {shown.length > 0 && (
          <>
            <div className="mt-5">
              <JarBars jars={shown} nowMs={Date.now()} />
            </div>
            <p className="text-husk text-[0.95rem]">
              Hatched while resting, solid at its best, fading after that; thickness is what is left.{' '}
              <a className="text-ink underline underline-offset-4" href="/larder/shelf/">
                The whole shelf
              </a>
            </p>
          </>
        )}
        {done.length > 0 ? (
          <>
            <h2 className="border-ink mt-8 border-t-2 pt-3 text-xl">Roasted last</h2>
            <RibbonRows rows={done.slice(0, SHOWN_ROWS)} lineUp="charge" />
            <p className="mt-3">
              <a className="inline-flex min-h-11 items-center font-bold underline underline-offset-4" href="/journal/">
                All roasts
              </a>
            </p>
          </>
        ) : (
          rows.length === 0 && (
            <div className="mt-6">
              <LinkButton href="/roast/" variant="next" size="large">
                Set up the first roast
              </LinkButton>
            </div>
          )
        )}
      </section>
      <aside className="space-y-8">
        {done.length > 0 && <RoastNext jars={jars} />}
        <LeftOpen done={done} jars={jars} tasted={cups} />
        {jars.length > 0 && (
          <Button variant="quiet" className="-ml-4" onClick={() => void saveCalendar()}>
            These dates for a calendar
          </Button>
        )}
      </aside>
    </div>
  );
}

function headline(
  jars: readonly JarNow[],
  last: NamedRoast | undefined,
  nowMs: number,
  nameOf: (jar: JarNow) => string,
): string {
  const found = whatToDrink(jars);
  if (!found)
    return last ? `No coffee is left. The last was roasted ${dayWords(last.roast.createdAt)}.` : 'Nothing roasted yet.';
  const { why, jar } = found;
  const name = nameOf(jar);
  switch (why) {
    case 'now':
      return jar.state === 'fading'
        ? `Drink up the ${name}; it fades until ${dayName(jar.fadesMs, nowMs)}.`
        : `Drink the ${name}; it is ${jar.state === 'best' ? 'at its best' : 'ready, and good'} until ${dayName(jar.bestMs, nowMs)}.`;
    case 'resting':
      return `Nothing has rested yet; the ${name} is ready ${dayName(jar.readyMs, nowMs)}.`;
    case 'frozen':
      return `What is left is in the freezer: thaw the ${name}.`;
    case 'past':
      return `What is left has faded; the ${name} is the newest of it.`;
  }
}

/** Unfinished business: what was not weighed, not looked at, not tasted. */
function LeftOpen({
  done,
  jars,
  tasted,
}: {
  readonly done: readonly NamedRoast[];
  readonly jars: readonly JarNow[];
  readonly tasted: ReadonlySet<string>;
}) {
  const dates = useRoastDates();
  const page = (id: string) => `/journal/roast/?id=${encodeURIComponent(id)}`;
  const untasted = jars.filter(
    ({ state, named }) =>
      (state === 'ready' || state === 'best') && !tasted.has(named.roast.id) && named.roast.stars === undefined,
  );
  const open = [
    ...done
      .filter(({ roast }) => roastedGrams(roast) === undefined)
      .map((row) => ['Weigh in', row, page(row.roast.id)] as const),
    ...done
      .filter(({ roast }) => roastedGrams(roast) !== undefined && finalShade(roast) === undefined)
      .map((row) => ['Look at', row, page(row.roast.id)] as const),
    ...untasted.map(
      (jar) =>
        [
          'Taste',
          jar.named,
          `/taste/sheet/?roast=${encodeURIComponent(jar.named.roast.id)}&pull=${encodeURIComponent(jar.pull.id)}`,
        ] as const,
    ),
  ].slice(0, 5);
  if (open.length === 0) return null;
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="text-husk font-text mb-2 text-base font-normal">Left open</h2>
      <ul>
        {open.map(([what, { roast, lotName, gearName }, href]) => (
          <li key={`${what}${roast.id}`}>
            <a className="hover:bg-sunk block min-h-11 py-2" href={href}>
              <b>{what}</b> {lotName}, {gearName}, {dates.day(roast.createdAt)}
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}

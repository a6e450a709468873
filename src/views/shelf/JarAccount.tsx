import { type AccountLine, accountLines, type JarEvent, type LedgerLine } from '@/core/shelf';
import { database } from '@/store/current';
import { notify } from '@/store/notices';
import { type JarNow, removeJarEvent } from '@/store/shelf';
import { Button } from '@/ui/Button';
import { useWords } from '@/ui/useHousehold';

const FACTS = {
  filled: 'filled',
  use: 'used',
  weigh: 'weighed',
  give: 'given away',
  throw: 'thrown away',
  grind: 'ground',
  freeze: 'into the freezer',
  thaw: 'out of the freezer',
  empty: 'empty',
  fate: 'put to another use',
  keep: 'closed anew',
} as const satisfies Record<Exclude<LedgerLine['kind'], 'drawn'>, string>;

/** What was put into a jar, what is known to have left it, and what is reckoned; each fact can be taken back. */
export function JarAccount({ jar }: { readonly jar: JarNow }) {
  const words = useWords();
  const day = (ms: number) => words.dayOf(ms);
  const takeBack = async (event: JarEvent) =>
    notify({ text: 'That is taken back.', undo: await removeJarEvent(database(), jar.row, event) });
  const span = ({ fromMs, toMs }: AccountLine) =>
    day(fromMs) === day(toMs) ? day(toMs) : `${day(fromMs)} to ${day(toMs)}`;
  return (
    <ol className="divide-line divide-y">
      {accountLines(jar.account.lines, jar.row.events).map((told) => (
        <li
          key={`${told.fromMs} ${told.kind}`}
          className="grid grid-cols-[minmax(0,1fr)_auto_auto_auto] items-center gap-x-4 md:grid-cols-[11rem_minmax(0,1fr)_6rem_6rem_7rem]"
        >
          <span className="text-husk max-md:col-span-4">{span(told)}</span>
          <span className={told.kind === 'drawn' ? 'text-husk' : undefined}>
            {told.kind === 'drawn' ? 'your use, reckoned' : FACTS[told.kind]}
            {told.kind === 'weigh' && Math.abs(told.byGrams) >= 1 && (
              <span className="text-husk">
                , {words.weight(Math.abs(told.byGrams))} {told.byGrams > 0 ? 'more' : 'less'} than reckoned
              </span>
            )}
            {told.event?.kind === 'grind' && ` ${words.weight(told.event.grams)}`}
          </span>
          <span className="text-right">
            {told.kind !== 'weigh' && told.kind !== 'filled' && told.byGrams < 0 && `−${words.weight(-told.byGrams)}`}
          </span>
          <b className="text-right">{words.weight(told.leftGrams)}</b>
          {told.event ? (
            <Button
              variant="quiet"
              className="px-2 whitespace-nowrap"
              aria-label={`Take back: ${FACTS[told.event.kind]}, ${day(told.toMs)}`}
              onClick={() => told.event && void takeBack(told.event)}
            >
              Take back
            </Button>
          ) : (
            <span className="min-h-11 max-md:hidden" />
          )}
        </li>
      ))}
    </ol>
  );
}

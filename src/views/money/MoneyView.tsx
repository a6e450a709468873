import { useLiveQuery } from 'dexie-react-hooks';
import type { MoneySoFar } from '@/core/cost';
import { database } from '@/store/current';
import { readMoneySoFar } from '@/store/moneySoFar';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { SavedLine } from './SavedLine';

/** What roasting at home came to so far. */
export function MoneyView() {
  return (
    <Island>
      <JournalTabs at="money" />
      <Reckoned />
    </Island>
  );
}

function Reckoned() {
  const { shopMinorPerKg, tariffMinorPerKwh } = useHousehold();
  const so = useLiveQuery(
    () => readMoneySoFar(database(), shopMinorPerKg ?? 0, tariffMinorPerKwh, Date.now()),
    [shopMinorPerKg, tariffMinorPerKwh],
  );
  if (!so) return <p className="text-husk py-10">Adding it all up…</p>;
  if (so.roasts === 0)
    return (
      <Start title="Nothing is roasted yet.">
        With the first batch the adding-up begins: what it cost, and what the same coffee costs in a shop.
      </Start>
    );
  if (so.unpriced === so.roasts)
    return (
      <Start title="No green beans have a price yet." href="/larder/" button="To the larder">
        Write down what a pack cost, with its carriage, and this page tells what every roast came to.
      </Start>
    );
  return <Sum so={so} shopKnown={shopMinorPerKg !== undefined} />;
}

function Sum({ so, shopKnown }: { readonly so: MoneySoFar; readonly shopKnown: boolean }) {
  const words = useWords();
  const perKg = (minor: number) => words.money((minor / Math.max(so.drinkableGrams, 1)) * 1000);
  const saved = so.savedMinor >= 0;
  return (
    <article className="pt-8">
      <h1 className="max-w-4xl text-[clamp(1.8rem,4vw,2.6rem)]">
        {shopKnown
          ? `${words.money(Math.abs(so.savedMinor))} ${saved ? 'saved' : 'lost'} so far against the shop, on ${words.weight(so.drinkableGrams)} of coffee.`
          : `${words.weight(so.drinkableGrams)} of coffee cost ${words.money(so.costMinor)} so far.`}
      </h1>
      <ul className="mt-4 max-w-3xl space-y-1 text-lg">
        <li>
          {so.roasts} roasts gave {words.weight(so.roastedGrams)}
          {so.failed > 0
            ? `; ${so.failed === 1 ? 'one was' : `${so.failed} were`} thrown away, which is in the cost and not in the coffee.`
            : '; none was thrown away.'}
        </li>
        <li>
          Green, carriage and electricity: {words.money(so.costMinor)}, that is {perKg(so.costMinor)} a kilogram that
          was drunk.
        </li>
        {shopKnown && (
          <li>
            The same coffee from the shop: {words.money(so.shopMinor)}, {perKg(so.shopMinor)} a kilogram.
          </li>
        )}
        {so.gear.priceMinor > 0 && shopKnown && <li>{gearWords(so, words.money)}</li>}
        {so.unpriced > 0 && (
          <li className="text-husk">
            {so.unpriced === 1 ? 'One roast is' : `${so.unpriced} roasts are`} left out of the money: the price of the
            green is not known.
          </li>
        )}
      </ul>
      {!shopKnown && (
        <p className="mt-4">
          <a className="font-bold underline underline-offset-4" href="/files/#use-and-money">
            Say what a kilogram costs in the shop
          </a>{' '}
          and this page tells what is saved.
        </p>
      )}
      {shopKnown && so.byMonth.length > 1 && <SavedLine so={so} />}
      <p className="text-husk mt-6 max-w-3xl">
        Cost is (beans and carriage) for the green that went in, and electricity where the gear’s power and the tariff
        are known; gas is not counted. Prices of{' '}
        <a className="underline underline-offset-4" href="/larder/">
          packs
        </a>
        ,{' '}
        <a className="underline underline-offset-4" href="/gear/">
          gear
        </a>{' '}
        and{' '}
        <a className="underline underline-offset-4" href="/files/#use-and-money">
          the shop
        </a>{' '}
        can be changed at any time.
      </p>
    </article>
  );
}

function gearWords({ gear }: MoneySoFar, money: (minor: number) => string): string {
  if (gear.paidBack) return `The gear, ${money(gear.priceMinor)}, has paid for itself.`;
  if (gear.monthsToGo === undefined)
    return `The gear, ${money(gear.priceMinor)}, is not paid back while nothing is saved.`;
  const months = Math.max(1, Math.round(gear.monthsToGo));
  return `The gear, ${money(gear.priceMinor)}, is paid back in about ${months === 1 ? 'a month' : `${months} months`} at this pace.`;
}

interface StartProps {
  readonly title: string;
  readonly href?: string;
  readonly button?: string;
  readonly children: React.ReactNode;
}

function Start({ title, href = '/roast/', button = 'Roast the first batch', children }: StartProps) {
  return (
    <section className="max-w-xl py-10">
      <h1 className="text-4xl">{title}</h1>
      <p className="mt-3 mb-6">{children}</p>
      <LinkButton href={href} variant="next">
        {button}
      </LinkButton>
    </section>
  );
}

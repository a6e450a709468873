import { sum } from 'd3-array';
import type { MoneySoFar } from '@/core/cost';
import { counted } from '@/core/units';
import type { Money } from '@/store/moneySoFar';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { paybackWords, useMoney } from '@/ui/useMoney';
import { SavedLine } from './SavedLine';

/** What roasting at home came to so far. */
export function MoneyView() {
  return (
    <Island>
      <JournalTabs current="money" />
      <Reckoned />
    </Island>
  );
}

function Reckoned() {
  const money = useMoney();
  if (!money) return <p className="text-husk py-10">Adding it all up…</p>;
  const so = money.all;
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
  return <Sum money={money} />;
}

function Sum({ money: { all: so, gear } }: { readonly money: Money }) {
  const words = useWords();
  const { shopMinorPerKg } = useHousehold();
  const shopKnown = shopMinorPerKg !== undefined;
  const priced = so.roasts - so.unpriced;
  const perKg = (minor: number) => words.price((minor / Math.max(so.drinkableGrams, 1)) * 1000);
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
          {counted(priced, 'roast')} gave {words.weight(so.roastedGrams)}; {thrownWords(so, words)}
        </li>
        <li>
          Green, carriage and electricity: {words.money(so.costMinor)}
          {so.drinkableGrams > 0 && `, that is ${perKg(so.costMinor)} of what there was to drink`}.
        </li>
        {shopKnown && (
          <li>
            The same coffee from the shop: {words.money(so.shopMinor)}, {words.price(shopMinorPerKg)}.
          </li>
        )}
        {shopKnown &&
          gear.map(({ gear: { id, nickname }, payback }) => (
            <li key={id}>
              {nickname}: {paybackWords(payback, so, shopMinorPerKg, words)}
            </li>
          ))}
        {so.unpriced > 0 && (
          <li className="text-husk">
            {counted(so.unpriced, 'more roast is', 'more roasts are')} left out: the price of the green is not known.
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
      {shopKnown && so.byMonth.length > 1 && (
        <SavedLine so={so} goalMinor={sum(gear, ({ payback }) => payback.priceMinor)} />
      )}
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

/** What of it was not drunk: whole roasts by number, parts by weight. */
function thrownWords(so: MoneySoFar, words: ReturnType<typeof useWords>): string {
  const grams = so.roastedGrams - so.drinkableGrams;
  if (grams < 0.05) return 'nothing was thrown away.';
  const whole = so.failed > 0 ? `${counted(so.failed, 'whole batch', 'whole batches')} in it, ` : '';
  return `${words.weight(grams)} was thrown away, ${whole}which is in the cost and not in the coffee.`;
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

import { useState } from 'react';
import { keeping, type Storage, storages } from '@/core/bean';
import { type BuyingAnswer, bestOffer, type Offer } from '@/core/cost';
import { issueSentence, type Result } from '@/core/issues';
import { parseMoney, parseWeight } from '@/core/units';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Island } from '@/ui/Island';
import { LarderTabs } from '@/ui/LarderTabs';
import { useWords } from '@/ui/useHousehold';
import { daysWords, Offers } from './Offers';
import { useBuying } from './useBuying';

interface OfferDraft {
  readonly grams: string;
  readonly price: string;
  readonly carriage: string;
}

const EMPTY: OfferDraft = { grams: '', price: '', carriage: '' };
/** What packs hold, as they are sold where people weigh so. */
const PACKS = { g: ['1 kg', '5 kg'], oz: ['2 lb', '10 lb'] } as const;
const PACK_RANGE = { leastGrams: 10, mostGrams: 100_000 };
const DAYS_PER_MONTH = 30.44;

/** Two or more packs on offer: which is the cheapest that is used before it goes stale. */
export function BuyingView() {
  return (
    <Island>
      <LarderTabs current="buying" />
      <Buying />
    </Island>
  );
}

function Buying() {
  const basis = useBuying();
  const words = useWords();
  const [drafts, setDrafts] = useState<readonly OfferDraft[]>([EMPTY, EMPTY]);
  const [storage, setStorage] = useState<Storage>('coolDarkDry');
  if (!basis) return <p className="text-husk py-10">Looking at the prices…</p>;
  const read = drafts.map((draft) => readOffer(draft, words));
  const offers = read.flatMap(({ offer }) => (offer ? [offer] : []));
  const { gramsPerDay, lossPercent, stockGrams } = basis;
  const answer =
    offers.length > 0
      ? bestOffer({
          offers,
          gramsPerDay,
          lossPercent,
          stockGrams,
          keepsDays: keeping[storage].keepsMonths * DAYS_PER_MONTH,
        })
      : undefined;
  const set = (index: number, some: Partial<OfferDraft>) =>
    setDrafts(drafts.map((draft, i) => (i === index ? { ...draft, ...some } : draft)));
  return (
    <section className="pt-8">
      <h1 className="max-w-4xl text-[clamp(1.7rem,4vw,2.5rem)]">
        {answer && offers.length > 1 ? verdict(answer, words) : 'Which pack is worth it?'}
      </h1>
      {answer?.cheaperWithWaste !== undefined && (
        <p className="mt-2 text-lg">{butWords(answer, answer.cheaperWithWaste, words)}</p>
      )}
      <p className="mt-3 text-lg">
        You use {words.weight(gramsPerDay)} roasted a day, {words.weight(gramsPerDay / (1 - lossPercent / 100))} green;
        kept{' '}
        <select
          aria-label="How you keep green"
          className="choice"
          value={storage}
          onChange={(event) => setStorage(event.target.value as Storage)}
        >
          {storages.map((each) => (
            <option key={each} value={each}>
              {keeping[each].name}
            </option>
          ))}
        </select>
        , it is good for {keeping[storage].keepsMonths} months.{' '}
        <a className="underline underline-offset-4" href="/plan/ahead/">
          Change what you use
        </a>
        {answer && stockGrams > 0 && (
          <span className="block">
            {words.weight(stockGrams)} of green is in the larder, for {daysWords(answer.stockDays)}: it is used first.
          </span>
        )}
      </p>
      <ol className="mt-5 space-y-2">
        {drafts.map((draft, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: offers have no other identity
          <li key={i} className="grid items-start gap-x-6 sm:grid-cols-[10rem_10rem_10rem_1fr]">
            <TextField
              label={`Pack ${i + 1}`}
              placeholder={PACKS[words.weightUnit][i === 0 ? 0 : 1]}
              autoComplete="off"
              error={read[i]?.errors.grams}
              value={draft.grams}
              onChange={(event) => set(i, { grams: event.target.value })}
            />
            <TextField
              label={`Price ${i + 1}`}
              unit={words.currency}
              autoComplete="off"
              inputMode="decimal"
              error={read[i]?.errors.price}
              value={draft.price}
              onChange={(event) => set(i, { price: event.target.value })}
            />
            <TextField
              label={`Carriage ${i + 1}`}
              unit={words.currency}
              autoComplete="off"
              inputMode="decimal"
              error={read[i]?.errors.carriage}
              value={draft.carriage}
              onChange={(event) => set(i, { carriage: event.target.value })}
            />
            {drafts.length > 2 && (
              <Button
                variant="quiet"
                className="justify-self-start sm:mt-6"
                onClick={() => setDrafts(drafts.filter((_, other) => other !== i))}
              >
                Take pack {i + 1} away
              </Button>
            )}
          </li>
        ))}
      </ol>
      <Button className="mt-3" onClick={() => setDrafts([...drafts, EMPTY])}>
        Another pack
      </Button>
      {answer && <Offers answer={answer} basis={basis} />}
    </section>
  );
}

/** Which to buy, and why. */
function verdict(answer: BuyingAnswer, words: ReturnType<typeof useWords>): string {
  const { judged, best, allWaste } = answer;
  if (judged.every(({ drunkMinorPerKg }) => !Number.isFinite(drunkMinorPerKg)))
    return 'Buy none yet: what you have lasts longer than green keeps.';
  const pack = packWords(answer, best, words);
  if (allWaste) return `None is used up in time; of the ${pack} what you drink is cheapest.`;
  return `Buy the ${pack}: the cheapest that you use before it goes stale.`;
}

/** Where another pack looks cheaper in the table: why not that one. */
function butWords(answer: BuyingAnswer, other: number, words: ReturnType<typeof useWords>): string {
  const wasted = words.weight(answer.judged[other]?.wastedGrams ?? 0);
  return `The ${packWords(answer, other, words)} comes cheaper by the cup only if you throw ${wasted} of it away.`;
}

/** `1 kg pack`, with its number where two are of one size. */
function packWords({ judged }: BuyingAnswer, index: number, words: ReturnType<typeof useWords>): string {
  const grams = judged[index]?.offer.grams ?? 0;
  const alike = judged.filter(({ offer }) => offer.grams === grams).length > 1;
  return `${words.weight(grams)} pack${alike ? ` (pack ${index + 1})` : ''}`;
}

interface ReadOffer {
  readonly offer: Offer | undefined;
  readonly errors: {
    readonly grams?: string | undefined;
    readonly price?: string | undefined;
    readonly carriage?: string | undefined;
  };
}

/** A row that is still empty is no mistake; a price without a weight is one. */
function readOffer(draft: OfferDraft, words: ReturnType<typeof useWords>): ReadOffer {
  if (draft.grams.trim() === '' && draft.price.trim() === '') return { offer: undefined, errors: {} };
  const grams: Result<number> = parseWeight(draft.grams, words.weightUnit, { range: PACK_RANGE });
  const price = parseMoney(draft.price, words.currency);
  const carriage: Result<number> =
    draft.carriage.trim() === '' ? { ok: true, value: 0 } : parseMoney(draft.carriage, words.currency);
  const message = (result: Result<number>) => (result.ok ? undefined : result.issues.map(issueSentence).join(' '));
  return {
    offer:
      grams.ok && price.ok && carriage.ok
        ? { grams: grams.value, priceMinor: price.value, carriageMinor: carriage.value }
        : undefined,
    errors: {
      grams: draft.grams.trim() === '' ? 'A price needs its weight: how much is in the pack?' : message(grams),
      price: draft.price.trim() === '' ? undefined : message(price),
      carriage: message(carriage),
    },
  };
}

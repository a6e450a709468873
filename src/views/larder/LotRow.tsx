import { useLiveQuery } from 'dexie-react-hooks';
import {
  boughtGrams,
  type Lot,
  type LotAge,
  lastWeighing,
  lotAge,
  lotHints,
  lotTitle,
  processNames,
} from '@/core/bean';
import { scoreWords } from '@/core/taste';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import type { LotStock } from '@/store/larder';
import { bestOfLot } from '@/store/tasting';
import { Button } from '@/ui/Button';
import { shortDate } from '@/ui/dates';
import { useWords } from '@/ui/useHousehold';

interface LotRowProps {
  readonly stock: LotStock;
  /** The largest purchase, which the bars are drawn against, grams. */
  readonly most: number;
  readonly onEdit: () => void;
  readonly onWeigh: () => void;
  readonly onRemove: () => void;
}

/** One lot: what it is, what is left, what it wants of the roast. */
export function LotRow({ stock, most, onEdit, onWeigh, onRemove }: LotRowProps) {
  const words = useWords();
  const { lot, roasts, leftGrams, landedMinorPerKg, parts } = stock;
  const age = lotAge(lot, localDay(new Date()));
  const hints = lotHints(lot).slice(0, 2);
  const facts = [
    lot.blendOf ? 'blend' : lot.process === 'other' ? 'process not known' : processNames[lot.process],
    roasts === 0 ? 'not roasted yet' : roasts === 1 ? 'one roast' : `${roasts} roasts`,
    landedMinorPerKg === undefined ? undefined : words.price(landedMinorPerKg),
    lot.scoopGrams ? `a scoop is ${words.weight(lot.scoopGrams)}` : undefined,
  ];
  return (
    <li className="grid items-start gap-x-6 gap-y-2 py-4 md:grid-cols-[19rem_1fr_auto]">
      <div>
        <a
          className="text-lg font-bold underline-offset-4 hover:underline"
          href={`/larder/lot/?id=${encodeURIComponent(lot.id)}`}
        >
          {lotTitle(lot)}
        </a>
        {lot.mark && <span className="text-husk">, {lot.mark}</span>}
        <span className="text-husk block">{facts.filter(Boolean).join(' · ')}</span>
        {age && <span className={age.state === 'old' ? 'text-danger block' : 'text-husk block'}>{ageWords(age)}</span>}
      </div>
      <div>
        <Stock lot={lot} leftGrams={leftGrams} most={most} />
        {parts.length > 0 && (
          <p className="text-husk text-[0.95rem]">
            Made of {parts.map(({ name, share }) => `${Math.round(share * 100)} % ${name}`).join(', ')}.
          </p>
        )}
        {hints.map(({ advice, reason }) => (
          <p key={reason} className="mt-1 max-w-[64ch] text-[0.95rem]">
            {advice} <span className="text-husk">{reason}</span>
          </p>
        ))}
        <BestOfLot lotId={lot.id} />
        {(lot.tasted ?? lot.expected) && (
          <p className="text-husk mt-1 text-[0.95rem]">
            {lot.tasted ? `Tasted of ${lot.tasted}.` : `Said to taste of ${lot.expected}.`}
          </p>
        )}
      </div>
      <div className="flex flex-wrap">
        <Button variant="quiet" className="px-3" onClick={onWeigh} aria-label={`Weigh ${lot.name}`}>
          Weigh
        </Button>
        <Button variant="quiet" className="px-3" onClick={onEdit} aria-label={`Edit ${lot.name}`}>
          Edit
        </Button>
        <Button
          variant="quiet"
          className="px-3"
          onClick={onRemove}
          aria-label={`${roasts > 0 ? 'Put away' : 'Delete'} ${lot.name}`}
        >
          {roasts > 0 ? 'Put away' : 'Delete'}
        </Button>
      </div>
    </li>
  );
}

function ageWords({ state, months, keepsUntil }: LotAge): string {
  const old = months < 1 ? 'new in' : months < 2 ? 'a month old' : `${Math.floor(months)} months old`;
  switch (state) {
    case 'fresh':
      return `${old}, fresh`;
    case 'useSoon':
      return `${old}: use it by ${shortDate(keepsUntil)}`;
    case 'old':
      return `${old}: past its time; expect it flat and woody`;
  }
}

/** What is left, as long as it weighs, inside what was bought. */
function Stock({ lot, leftGrams, most }: { readonly lot: Lot; readonly leftGrams: number; readonly most: number }) {
  const words = useWords();
  const bought = boughtGrams(lot);
  const weighed = lastWeighing(lot);
  return (
    <div>
      <div className="bg-sunk h-5 rounded" style={{ width: `${(100 * bought) / most}%` }}>
        <div
          className="h-5 rounded bg-[#94a276]"
          style={{ width: `${Math.max(0, Math.min(100, (100 * leftGrams) / bought))}%` }}
        />
      </div>
      <p className="mt-1 text-[0.95rem]">
        {leftGrams >= 0 ? (
          <>
            <b>{words.weight(leftGrams)} left</b>{' '}
            <span className="text-husk">
              of {words.weight(bought)}
              {weighed && `, weighed on ${shortDate(weighed.weighedAt)}`}
            </span>
          </>
        ) : (
          <span className="text-danger">
            The roasts took {words.weight(-leftGrams)} more than was bought. Add the missing pack under Edit, or weigh
            what is there; nothing is thrown away.
          </span>
        )}
      </p>
    </div>
  );
}

/** The roasts of a lot with the best cups, as links to how they were roasted. */
function BestOfLot({ lotId }: { readonly lotId: string }) {
  const best = useLiveQuery(() => bestOfLot(database(), lotId), [lotId]);
  if (!best || best.length === 0) return null;
  return (
    <p className="mt-1 text-[0.95rem]">
      <span className="text-husk">Best cups:</span>{' '}
      {best.map(({ roastId, pullId, overall }, i) => (
        <span key={`${roastId} ${pullId}`}>
          {i > 0 && ', '}
          <a className="underline underline-offset-4" href={`/journal/roast/?id=${encodeURIComponent(roastId)}`}>
            {scoreWords(overall)}
          </a>
        </span>
      ))}
    </p>
  );
}

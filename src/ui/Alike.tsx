import { causeNames, causes, type RoastFigures, repeatabilityOf } from '@/core/compare';
import { stretchNames } from '@/core/roast';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** How alike roasts are, what makes them differ, and whether that gets better. `figures` oldest first, three or more. */
export function Alike({ figures }: { readonly figures: readonly RoastFigures[] }) {
  const { spread, lossSd, shadeSd, shares, newerAgainstOlder } = repeatabilityOf(figures);
  const stretches = (Object.keys(stretchNames) as (keyof typeof stretchNames)[]).flatMap((name) =>
    spread[name] === undefined ? [] : [`${stretchNames[name]} by ${percent(spread[name])}`],
  );
  return (
    <div className="max-w-3xl space-y-2">
      <p className="text-lg">
        {spread.total === undefined
          ? 'Too few of them were pulled and marked to say.'
          : `From one to the next the whole time varies by about ${percent(spread.total)}${stretches.length > 0 ? `: ${stretches.join(', ')}` : ''}.`}
        {lossSd !== undefined && ` The loss varies by ${lossSd.toFixed(1)} points`}
        {lossSd !== undefined &&
          (shadeSd === undefined
            ? '.'
            : shadeSd === 0
              ? '; the shade is the same each time.'
              : `, the shade by ${shadeSd.toFixed(1)} steps.`)}
      </p>
      {shares ? (
        <p>
          Of that, {causes.map((cause) => `${percent(shares[cause])} goes with ${causeNames[cause]}`).join(', ')};{' '}
          {percent(shares.left)} is left, which is the hand, the heat and the beans.
        </p>
      ) : (
        <p className="text-husk">
          Six pulled roasts and more tell how much comes from batch weight, weather and hot gear.
        </p>
      )}
      <p className={newerAgainstOlder === undefined ? 'text-husk' : ''}>{trendWords(newerAgainstOlder)}</p>
    </div>
  );
}

/** A ratio of two spreads of a handful of roasts swings; only what is plain is said. */
const STEADIER = 0.7;
const WILDER = 1.45;

function trendWords(ratio: number | undefined): string {
  if (ratio === undefined) return 'Not enough roasts yet to say whether they become more alike.';
  if (ratio < STEADIER) return 'The newer half is more alike than the older half: you are getting steadier.';
  return ratio > WILDER
    ? 'The newer half varies more than the older half.'
    : 'The newer half varies about as much as the older half.';
}

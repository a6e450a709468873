import { judgeBatch, methodOf, nextBatchToTry } from '@/core/gear';
import { mugsIn } from '@/core/household';
import { planForGreen, stagedParts } from '@/core/plan';
import { useHousehold, useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface OnTheScaleProps {
  readonly choices: Choices;
  readonly planned: Planned;
}

/** What to weigh, what it gives and how surely, and whether the gear and the larder bear it. */
export function OnTheScale({ choices, planned }: OnTheScaleProps) {
  const words = useWords();
  const household = useHousehold();
  const { stock, batches: plan, loss } = planned;
  if (!plan) return <p className="text-husk">Write an amount in the sentence above.</p>;
  const { batches, greenGramsEach, greenGrams, roastedGrams, roastedSdGrams } = plan;
  const { scoopGrams } = stock.lot;
  const scoops = scoopGrams && (greenGramsEach / scoopGrams).toFixed(1);
  const mugs = mugsIn(roastedGrams, household);
  return (
    <>
      <p className="font-heading text-4xl font-semibold">
        {batches > 1 && `${batches} × `}
        {words.weight(greenGramsEach)} <span className="text-husk text-xl">green</span>
      </p>
      <p className="text-husk mt-1">
        {scoops && `about ${scoops} scoops${batches > 1 ? ' each' : ''} · `}
        {greenGrams > stock.leftGrams
          ? `more than the ${words.weight(Math.max(stock.leftGrams, 0))} the larder says is left; it will be kept as it is`
          : `${batches > 1 ? `${words.weight(greenGrams)} ` : ''}of the ${words.weight(stock.leftGrams)} left`}
      </p>
      <p className="mt-3">
        Gives {words.weight(roastedGrams)}, give or take {words.weight(roastedSdGrams)}
        {mugs > 0 && `, about ${mugs === 1 ? 'one mug' : `${mugs} mugs`}`}:{' '}
        {lossWords(planned, words.shade(choices.shade))} {loss.meanPercent.toFixed(1)} %
        {loss.fromGear > 0 && `, by ${loss.fromGear === 1 ? 'one roast' : `${loss.fromGear} roasts`}`}.
      </p>
      {choices.parts && (
        <ul className="mt-3">
          {stagedParts(greenGramsEach, choices.parts, choices.shade, loss).map((part) => (
            <li key={part.shade}>
              <b>{words.shade(part.shade)}</b>: about {words.weight(part.roastedGrams)}
            </li>
          ))}
        </ul>
      )}
      <BatchAdvice planned={planned} greenGrams={greenGramsEach} />
    </>
  );
}

function lossWords({ loss, gear }: Planned, shade: string): string {
  if (loss.fromGear === 0) return `${shade} usually loses`;
  return loss.fromGearAndLot > 0
    ? `to ${shade}, these beans in the ${gear.nickname} lose`
    : `to ${shade}, the ${gear.nickname} loses`;
}

/** Warns outside the range, and helps with fresh gear to find its batch. */
function BatchAdvice({ planned, greenGrams }: { readonly planned: Planned; readonly greenGrams: number }) {
  const words = useWords();
  const { gear, loss, earlierGreenGrams } = planned;
  const verdict = judgeBatch(gear, greenGrams);
  const next = nextBatchToTry(gear, earlierGreenGrams);
  switch (verdict.kind) {
    case 'below':
      return (
        <p className="mt-3">
          Less than is usual on this kind of gear ({words.weight(verdict.leastGrams)} to{' '}
          {words.weight(verdict.mostGrams)}).{' '}
          {methodOf(gear.method).heatedBy === 'air'
            ? 'So little holds no heat in moving air: it runs slower, and the times allow for that.'
            : 'So little runs fast and scorches easily: less heat, and watch it closely.'}
        </p>
      );
    case 'above':
    case 'aboveLargest':
    case 'absurd': {
      const most = verdict.kind === 'aboveLargest' ? verdict.largestGrams : verdict.mostGrams;
      const fitting = planForGreen(greenGrams, most, loss);
      return (
        <p className="text-danger mt-3">
          More than {verdict.kind === 'aboveLargest' ? 'you said it takes' : 'is usual on this kind of gear'} (
          {words.weight(most)}). Too much in it moves badly and scorches; {fitting.batches} batches of{' '}
          {words.weight(fitting.greenGramsEach)} would fit.
        </p>
      );
    }
    case 'fits':
      return next ? (
        <p className="text-husk mt-3">
          {earlierGreenGrams.length === 0
            ? `New gear: begin with ${words.weight(next.grams)}, and raise it by ${words.weight(next.stepGrams)} a batch while the beans still move freely.`
            : `Still finding its batch: ${words.weight(next.grams)} is the next step, if the last one moved freely.`}
        </p>
      ) : null;
  }
}

import { lotTitle } from '@/core/bean';
import { preflightFor, ruleWords, stagedParts } from '@/core/plan';
import { formatClock } from '@/core/units';
import { moveWords } from '@/ui/moveWords';
import { useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

interface PlanCardProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
}

/** The plan on half a page, large enough to read at arm's length. Only paper shows it. */
export function PlanCard({ choices, planned, foreseen }: PlanCardProps) {
  const words = useWords();
  const { gear, stock, batches } = planned;
  if (!batches) return null;
  const rows = (['yellow', 'firstCrack', 'pull'] as const).flatMap((milestone) => {
    const found = foreseen.forecasts.find((each) => each.milestone === milestone);
    return found ? [{ name: { yellow: 'Yellow', firstCrack: 'First crack', pull: 'Pull' }[milestone], ...found }] : [];
  });
  return (
    <section className="print-card" aria-hidden="true">
      <h2>
        {lotTitle(stock.lot)}: {words.shade(choices.shade)}
      </h2>
      <p className="print-card-lead">
        {batches.batches > 1 && `${batches.batches} × `}
        {words.weight(batches.greenGramsEach)} green in the {gear.nickname}, pull{' '}
        {ruleWords(choices.rule, words.degrees)}
      </p>
      <table>
        <tbody>
          {rows.map(({ name, medianS, earlyS, lateS }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{formatClock(medianS)}</td>
              <td className="print-card-range">
                {formatClock(earlyS)} to {formatClock(lateS)}
              </td>
              <td className="print-card-blank" />
            </tr>
          ))}
        </tbody>
      </table>
      {choices.parts && (
        <p>
          Parts:{' '}
          {stagedParts(batches.greenGramsEach, choices.parts, choices.shade, planned.loss)
            .map((part) => `${words.shade(part.shade)} ${words.weight(part.roastedGrams)}`)
            .join(', ')}
        </p>
      )}
      {choices.moves.length > 0 && <p>Moves: {choices.moves.map((move) => moveWords(move, gear)).join('; ')}</p>}
      <p className="print-card-small">
        {preflightFor(gear, choices.place)
          .map(({ text }) => text)
          .join(' · ')}
      </p>
    </section>
  );
}

import { type Roast, ribbonOf, ribbonOfGuide, roastedGrams, shadeAsKnown } from '@/core/roast';
import { lossPercent } from '@/core/shade';
import { formatClock } from '@/core/units';
import { Button, LinkButton } from '@/ui/Button';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { TimeAxis } from '@/ui/ribbon/TimeAxis';
import { useWords } from '@/ui/useHousehold';
import { useWidth } from '@/ui/useWidth';

interface TheirRoastProps {
  readonly title: string;
  readonly roast: Pick<Roast, 'entries' | 'wantedShade' | 'greenGrams' | 'guide' | 'note'>;
  /** The recipe that it was kept as. */
  readonly keptAs: string | undefined;
  /** None where there is nothing to roast it with. */
  readonly onKeep: (() => void) | undefined;
}

/** One of their roasts or recipes: its ribbon and the figures that matter. */
export function TheirRoast({ title, roast, keptAs, onKeep }: TheirRoastProps) {
  const words = useWords();
  const { ref, width } = useWidth();
  const ribbon = (roast.entries.length === 0 ? ribbonOfGuide(roast) : undefined) ?? ribbonOf(roast);
  const { firstCrack, pull } = ribbon.milestones;
  const roasted = roastedGrams(roast);
  const figures = [
    words.weight(roast.greenGrams),
    words.shade(shadeAsKnown(roast)),
    firstCrack === undefined ? undefined : `first crack ${formatClock(firstCrack)}`,
    pull === undefined ? undefined : `pulled ${formatClock(pull)}`,
    roasted === undefined ? undefined : `loss ${lossPercent(roast.greenGrams, roasted).toFixed(1)} %`,
    roast.note,
  ];
  return (
    <li>
      <b>{title}</b> <span className="text-husk">{figures.filter(Boolean).join(' · ')}</span>
      <div ref={ref} className="mt-2">
        <Ribbon ribbon={ribbon} width={width} bodyHeight={36} fromS={0} toS={ribbon.toS * 1.01} />
        <TimeAxis width={width} fromS={0} toS={ribbon.toS * 1.01} />
      </div>
      {keptAs !== undefined ? (
        <p className="mt-2">
          <LinkButton href={`/journal/recipe/?id=${encodeURIComponent(keptAs)}`}>See the recipe</LinkButton>
        </p>
      ) : (
        onKeep && (
          <Button className="mt-2" onClick={onKeep}>
            Keep it as theirs
          </Button>
        )
      )}
    </li>
  );
}

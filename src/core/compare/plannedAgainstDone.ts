import { type Control, settingWords } from '../gear/index.ts';
import type { Written } from '../household/index.ts';
import { meantShade, type Roast } from '../roast/index.ts';
import type { RoastFigures } from './figures.ts';

/** Pulled this close to the rule is by the rule, s. */
const BY_THE_RULE_S = 5;

/** What was planned in a roast and came otherwise, in words; empty when all came as planned. */
export function plannedAgainstDone(
  roast: Pick<Roast, 'wantedShade' | 'plannedParts' | 'pullRule' | 'plannedMoves'>,
  { shade, reached, moves }: RoastFigures,
  written: Pick<Written, 'shade'>,
  controls: readonly Control[],
): string[] {
  const { firstCrack, pull } = reached;
  const meant = meantShade(roast);
  const rule = roast.pullRule;
  const afterS = firstCrack !== undefined && pull !== undefined ? Math.round(pull - firstCrack) : undefined;
  const said: (string | false)[] = [
    shade !== undefined && shade !== meant && `meant to be ${written.shade(meant)}, came out ${written.shade(shade)}`,
    rule?.kind === 'afterFirstCrack' &&
      afterS !== undefined &&
      Math.abs(afterS - rule.seconds) >= BY_THE_RULE_S &&
      `meant to be pulled ${rule.seconds} s after first crack, pulled after ${afterS} s`,
    ...(roast.plannedMoves ?? []).map(
      (move) =>
        !moves.some((made) => made.control === move.control && made.value === move.value) &&
        `planned ${settingWords(controls, move.control, move.value)}, not noted as done`,
    ),
  ];
  return said.filter((each) => each !== false);
}

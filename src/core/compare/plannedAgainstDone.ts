import { meantPullS } from '../forecast/index.ts';
import { type Control, settingWords } from '../gear/index.ts';
import type { Written } from '../household/index.ts';
import { ruleWords } from '../plan/index.ts';
import {
  dueAtS,
  finalShade,
  liveEntries,
  MOVE_EARLY_S,
  meantShade,
  milestonesOf,
  plannedOutcomes,
  type Roast,
  shownApartS,
} from '../roast/index.ts';
import { laterWords } from './differences.ts';

/** Pulled this close to the rule is by the rule, s. */
const BY_THE_RULE_S = 5;

type Facts = Pick<Roast, 'wantedShade' | 'plannedParts' | 'pullRule' | 'plannedMoves' | 'entries'>;

/** What was planned in a roast and came otherwise, in words; empty when all came as planned. */
export function plannedAgainstDone(
  roast: Facts,
  written: Pick<Written, 'shade' | 'degrees'>,
  controls: readonly Control[],
): string[] {
  const meant = meantShade(roast);
  const shade = finalShade(roast);
  return [
    ...(shade !== undefined && shade !== meant
      ? [`meant to be ${written.shade(meant)}, came out ${written.shade(shade)}`]
      : []),
    ...offTheRule(roast, written),
    ...offTheMoves(roast, controls),
  ];
}

/** By how much a rule that counts seconds was missed. Which part of a staged pull a rule is for it does not say. */
function offTheRule({ pullRule, plannedParts, entries }: Facts, { degrees }: Pick<Written, 'degrees'>): string[] {
  const reached = milestonesOf(liveEntries(entries));
  const meantS = meantPullS(pullRule, reached);
  if (!pullRule || !('seconds' in pullRule) || plannedParts || meantS === undefined || reached.pull === undefined)
    return [];
  const byS = shownApartS(meantS, reached.pull);
  if (Math.abs(byS) < BY_THE_RULE_S) return [];
  return [`meant to be pulled ${ruleWords(pullRule, degrees)}, pulled ${laterWords(byS)}`];
}

function offTheMoves({ plannedMoves = [], entries }: Facts, controls: readonly Control[]): string[] {
  const live = liveEntries(entries);
  const reached = milestonesOf(live);
  const outcomes = plannedOutcomes(plannedMoves, live, reached);
  return plannedMoves.flatMap(({ control, value, when }, i) => {
    const planned = `planned ${settingWords(controls, control, value)}`;
    const outcome = outcomes[i];
    if (outcome === undefined) return [`${planned}, not noted as done`];
    if (outcome === 'skipped') return [`${planned}, skipped`];
    const byS = shownApartS(dueAtS(when, reached) ?? outcome.at, outcome.at);
    return Math.abs(byS) > MOVE_EARLY_S ? [`${planned}, made ${laterWords(byS)}`] : [];
  });
}

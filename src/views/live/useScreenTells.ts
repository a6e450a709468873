import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { MethodId } from '@/core/gear';
import { type ControlNow, remedyFor, type Telling } from '@/core/heat';
import { paceAgainst, paceWords, type Recipe } from '@/core/recipe';
import { milestoneNames, milestonesOfRoast, type Roast } from '@/core/roast';
import { formatSpan } from '@/core/units';
import { database } from '@/store/current';
import { keepDeviceClock } from '@/store/roasting';
import type { ProbeState } from './useProbe';
import type { RoastClock } from './useRoastClock';

/** What only this screen knows and tells: a clock that jumped, a probe in °F, the pace of a recipe, what the device lacks. */
export function useScreenTells(roast: Roast, method: MethodId, probe: ProbeState, lacks: readonly string[]) {
  const [seenMs, setSeenMs] = useState(0);
  const recipe = useLiveQuery(
    async () => (roast.recipeId ? await database().recipes.get(roast.recipeId) : undefined),
    [roast.recipeId],
  );
  const tells = ({ correctedMs, shownS }: RoastClock, controls: readonly ControlNow[]): Telling[] => [
    ...(probe.looksFahrenheit ? [fahrenheit] : []),
    ...(correctedMs !== 0 && correctedMs !== seenMs ? [clockJumped(correctedMs)] : []),
    ...(recipe && roast.chargedAt ? [paceOfRecipe(recipe, roast, method, controls, shownS ?? 0)] : []),
  ];
  const lacking = lacks.map((text): Telling => ({ key: text, level: 'note', text }));
  return {
    tells,
    /** Said when nothing else is. */
    lacking,
    clockIsRight: (correctedMs: number) => setSeenMs(correctedMs),
    followClock: async (correctedMs: number) => {
      setSeenMs(correctedMs);
      await keepDeviceClock(database(), roast.id, correctedMs);
    },
  };
}

const fahrenheit: Telling = {
  key: 'fahrenheit',
  level: 'ask',
  text: 'The probe shows more than beans can be. Are these degrees Fahrenheit?',
  answers: [{ label: 'Yes, read them so', does: { kind: 'screen', does: 'readAsFahrenheit' } }],
};

function clockJumped(correctedMs: number): Telling {
  const way = correctedMs > 0 ? 'ahead' : 'back';
  const answers: Telling['answers'] = [
    { label: 'Good', does: { kind: 'screen', does: 'clockIsRight' } },
    ...(correctedMs > 0
      ? [{ label: 'It had slept: follow it', does: { kind: 'screen' as const, does: 'followClock' as const } }]
      : []),
  ];
  return {
    key: `clock${correctedMs}`,
    level: 'ask',
    text: `This device’s clock jumped ${way} by ${formatSpan(Math.abs(correctedMs) / 1000)}. Gander kept counting from the beans going in.`,
    answers,
  };
}

/** The pace is news for so long after a mark, seconds; then it only stands there. */
const NEWS_S = 40;
/** Closer than this a move would overshoot, seconds; ours. */
const CORRECTED_S = 8;

/** Ahead of or behind the recipe at the last mark, and while there is time, the move that brings it back. */
function paceOfRecipe(
  recipe: Recipe,
  roast: Roast,
  method: MethodId,
  controls: readonly ControlNow[],
  nowS: number,
): Telling {
  const reached = milestonesOfRoast(roast);
  const pace = paceAgainst(roast.guide ?? recipe.guide, reached);
  const says = paceWords(pace, (milestone) => milestoneNames[milestone]);
  const last = pace.at(-1);
  const isNews = last !== undefined && nowS - (reached[last.milestone] ?? 0) < NEWS_S;
  const text = says ? `${says}.` : `By “${recipe.name}”: its ribbon lies pale under yours.`;
  const back =
    last &&
    isNews &&
    Math.abs(last.byS) >= CORRECTED_S &&
    (last.milestone === 'yellow' || last.milestone === 'firstCrack')
      ? ` ${remedyFor(method, last.milestone, last.byS > 0 ? 'slower' : 'faster', controls)}.`
      : '';
  return { key: `recipe${pace.length}`, level: isNews ? 'soon' : 'note', text: `${text}${back}` };
}

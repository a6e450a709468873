import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import type { MethodId } from '@/core/gear';
import type { ControlNow, Telling } from '@/core/heat';
import type { Roast } from '@/core/roast';
import { formatSpan } from '@/core/units';
import { database } from '@/store/current';
import { keepDeviceClock } from '@/store/roasting';
import type { ProbeState } from './useProbe';
import type { RoastClock } from './useRoastClock';

/** What only this screen knows and tells: a clock that jumped, a probe in °F, the pace of a recipe, what the device lacks. */
export function useScreenTells(roast: Roast, method: MethodId, probe: ProbeState, lacks: readonly string[]) {
  const [seenMs, setSeenMs] = useState(0);
  const recipe = useLiveQuery(async () => {
    if (!roast.recipeId) return undefined;
    // Only who follows a recipe loads what is told of it.
    const { paceOfRecipe } = await import('./recipePace');
    const found = await database().recipes.get(roast.recipeId);
    return found && { found, paceOfRecipe };
  }, [roast.recipeId]);
  const tells = ({ correctedMs, shownS }: RoastClock, controls: readonly ControlNow[]): Telling[] => [
    ...(probe.looksFahrenheit ? [fahrenheit] : []),
    ...(correctedMs !== 0 && correctedMs !== seenMs ? [clockJumped(correctedMs)] : []),
    ...(recipe && roast.chargedAt ? [recipe.paceOfRecipe(recipe.found, roast, method, controls, shownS ?? 0)] : []),
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

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { MethodId } from '@/core/gear';
import type { ControlNow, Telling } from '@/core/heat';
import type { ClockDoubt, Roast } from '@/core/roast';
import { database } from '@/store/current';
import { shiftClock } from '@/store/roasting';
import type { ProbeState } from './useProbe';
import type { RoastClock } from './useRoastClock';

/** What the screen tells besides what the record says, and what answers to it do. */
export interface ScreenTells {
  /** Before equals of the record's. */
  readonly tells: (controls: readonly ControlNow[]) => readonly Telling[];
  /** Said when nothing else is. */
  readonly lacking: readonly Telling[];
  readonly clockIsRight: () => void;
  /** The device's clock was set while the page was out of sight. */
  readonly countOn: () => Promise<void>;
  readonly minuteMore: () => Promise<void>;
  readonly followClock: () => Promise<void>;
}

/** What only this screen knows and tells: what it hears, a clock that jumped, a probe in °F, the pace of a recipe, what the device lacks. */
export function useScreenTells(
  roast: Roast,
  method: MethodId,
  { correctedMs, doubt, shownS }: RoastClock,
  probe: ProbeState,
  lacks: readonly string[],
  heard: readonly Telling[],
): ScreenTells {
  const [seenMs, setSeenMs] = useState(0);
  const [settled, setSettled] = useState<ClockDoubt>();
  // Clocks seldom jump: what is told of it is fetched when one does.
  const [words, setWords] = useState<typeof import('./clockTellings')>();
  const recipe = useLiveQuery(async () => {
    if (!roast.recipeId) return undefined;
    // Only who follows a recipe loads what is told of it.
    const { paceOfRecipe } = await import('./recipePace');
    const found = await database().recipes.get(roast.recipeId);
    return found && { found, paceOfRecipe };
  }, [roast.recipeId]);
  const jumped = correctedMs !== 0 && correctedMs !== seenMs;
  const asks = doubt !== settled ? doubt : undefined;
  const lacksWords = (jumped || asks !== undefined) && !words;
  useEffect(() => {
    if (lacksWords) void import('./clockTellings').then((found) => setWords(() => found));
  }, [lacksWords]);
  const tells = (controls: readonly ControlNow[]): Telling[] => {
    return [
      ...heard,
      ...(probe.looksFahrenheit ? [fahrenheit] : []),
      ...(words && jumped ? [words.clockJumped(correctedMs)] : []),
      ...(words && asks ? [words.clockDoubted(asks)] : []),
      ...(recipe && roast.chargedAt ? [recipe.paceOfRecipe(recipe.found, roast, method, controls, shownS ?? 0)] : []),
    ];
  };
  const lacking = lacks.map((text): Telling => ({ key: text, level: 'note', text }));
  return {
    tells,
    lacking,
    clockIsRight: () => {
      setSeenMs(correctedMs);
      setSettled(doubt);
    },
    countOn: async () => {
      setSettled(doubt);
      await shiftClock(database(), roast.id, doubt?.byMs ?? 0);
    },
    minuteMore: async () => {
      await shiftClock(database(), roast.id, -60_000);
    },
    followClock: async () => {
      setSeenMs(correctedMs);
      await shiftClock(database(), roast.id, -correctedMs);
    },
  };
}

const fahrenheit: Telling = {
  key: 'fahrenheit',
  level: 'ask',
  text: 'The probe shows more than beans can be. Are these degrees Fahrenheit?',
  answers: [{ label: 'Yes, read them so', does: { kind: 'screen', does: 'readAsFahrenheit' } }],
};

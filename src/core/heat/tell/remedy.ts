import { type Control, heatControl, type MethodId, methodOf, steppedValue } from '../../gear/index.ts';

/** A control of the gear as it is set now. */
export interface ControlNow {
  readonly control: Control;
  readonly value: string | number | undefined;
}

/**
 * The move that brings a roast back which reached a mark too early (`faster`) or too late (`slower`): the next step of the
 * gear's own heat where it has one, else what helps on the method.
 */
export function remedyFor(
  method: MethodId,
  milestone: 'yellow' | 'firstCrack',
  way: 'faster' | 'slower',
  controls: readonly ControlNow[] = [],
): string {
  // After first crack the beans heat themselves: only holding back is left, or a word that it is so.
  if (milestone === 'firstCrack' && way === 'slower') return 'Let it run on as it is';
  const heat = heatControl(controls.map(({ control }) => control));
  const value = controls.find(({ control }) => control === heat)?.value;
  const next = heat && steppedValue(heat, value, way === 'slower' ? 1 : -1);
  if (heat && next !== undefined && next !== value) return `${heat.label} to ${next}`;
  return methodOf(method).remedy[way];
}

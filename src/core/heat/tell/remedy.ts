import { type Control, type MethodId, steppedValue } from '../../gear/index.ts';

/** What helps on each method at once. Handbook, section 10, "faster" and "slower than planned", put into the moves of each method; common roasting knowledge. */
const remedies = {
  hotAirPopper: { faster: 'Lid off, or less heat', slower: 'Lid on, out of the wind' },
  stovetopPopper: { faster: 'A step less flame', slower: 'A step more flame, lid shut' },
  pan: { faster: 'A step less flame, stir faster', slower: 'A step more flame, out of the draught' },
  oven: { faster: 'Set it 10° lower', slower: 'Keep the door shut, set it 10° higher' },
  heatGun: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, out of the wind' },
  shaken: { faster: 'Hold it higher over the flame', slower: 'Hold it lower, out of the wind' },
  breadMachine: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, lid over it' },
  smallDrum: { faster: 'A step less heat', slower: 'A step more heat, less air' },
  other: { faster: 'A little less heat', slower: 'A little more heat' },
} as const satisfies Record<MethodId, { readonly faster: string; readonly slower: string }>;

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
  for (const { control, value } of controls) {
    if (!('axis' in control) || control.axis !== 'heat') continue;
    const next = steppedValue(control, value, way === 'slower' ? 1 : -1);
    if (next !== undefined && next !== value) return `${control.label} to ${next}`;
  }
  return remedies[method][way];
}

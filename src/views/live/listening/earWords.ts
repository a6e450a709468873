import type { Telling } from '@/core/heat';
import type { ListenerState } from '@/core/listen';
import { milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';

/** What the ear can propose, in the order in which it is asked. */
export const HEARD = ['firstCrack', 'secondCrack', 'firstCrackEnd'] as const;
export type Heard = (typeof HEARD)[number];

/** The first milestone that was heard and that nobody has marked. */
export function proposalOf({ course }: ListenerState, reached: Partial<Record<Heard, number | undefined>>) {
  for (const milestone of HEARD) {
    const atS = course[milestone];
    const isPast = milestone === 'firstCrackEnd' && reached.secondCrack !== undefined;
    if (atS !== null && reached[milestone] === undefined && !isPast) return milestone;
  }
  return undefined;
}

const HINDERED = {
  silent: 'Not a sound comes from the microphone. Is it covered, or switched off?',
  clipping: 'Too loud here for the microphone: put it farther away, or tap along.',
  spoilt: 'The microphone sends no proper sound. Press Listen twice to open it anew.',
} as const;

/** What the ear says: what it proposes, and one remark, the gravest first. */
export function tellingsOf(
  { whistled, unkept }: { readonly whistled: string | undefined; readonly unkept: string | undefined },
  deaf: string | undefined,
  state: ListenerState | undefined,
  proposal: { readonly key: string; readonly atS: number; readonly milestone: Heard } | undefined,
): Telling[] {
  const hindered = whistled ?? deaf ?? (state?.trouble && HINDERED[state.trouble]) ?? remarkOn(state) ?? unkept;
  return [
    ...(proposal ? [proposalTelling(proposal)] : []),
    ...(hindered ? [{ key: `ear:${hindered}`, level: 'note' as const, text: hindered }] : []),
  ];
}

/** For so long it is said that the gear sounds other than usual. */
const UNLIKE_TOLD_S = 90;

function remarkOn(state: ListenerState | undefined): string | undefined {
  if (!state) return undefined;
  if (state.settling) return 'Listening to what is usual here. Never tried on real beans yet: keep watching.';
  if (state.asUsual === false && state.roastingS < UNLIKE_TOLD_S && state.course.firstCrack === null)
    return 'It sounds other than usual on this gear. Does the phone stand elsewhere? Keep watching.';
  if (state.noisy && state.course.firstCrack === null) return 'I hear stirring more than cracks: keep watching.';
  if (!state.hearsSecond && state.course.firstCrack !== null)
    return 'This microphone is too dull for second crack: keep listening yourself.';
  return undefined;
}

function proposalTelling({
  key,
  atS,
  milestone,
}: {
  readonly key: string;
  readonly atS: number;
  readonly milestone: Heard;
}): Telling {
  return {
    key,
    level: 'ask',
    text: `I hear ${milestoneNames[milestone]} since ${formatClock(atS)}. Take it?`,
    answers: [
      {
        label: 'Take it',
        does: { kind: 'log', lines: [{ draft: { kind: 'mark', milestone }, atS }] },
      },
      { label: 'Not yet', does: { kind: 'putOff', weight: 1 } },
    ],
  };
}

/** Whether what is told of both is the same: most words from the worker only move the line. */
export function saysTheSame(a: ListenerState, b: ListenerState): boolean {
  const told = ({ course, trouble, settling, noisy, hearsSecond, asUsual, roastingS }: ListenerState) =>
    JSON.stringify([course, trouble, settling, noisy, hearsSecond, asUsual, roastingS < UNLIKE_TOLD_S]);
  return told(a) === told(b);
}

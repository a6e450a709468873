import type { Telling } from '@/core/heat';
import type { ClockDoubt } from '@/core/roast';
import { formatSpan } from '@/core/units';

/** The clock jumped while somebody looked, and was put right. */
export function clockJumped(correctedMs: number): Telling {
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

/** The clock is doubted since the page came back. */
export function clockDoubted({ kind, byMs }: ClockDoubt): Telling {
  const span = formatSpan(Math.abs(byMs) / 1000);
  const screen = (label: string, does: 'clockIsRight' | 'countOn' | 'minuteMore') => ({
    label,
    does: { kind: 'screen' as const, does },
  });
  return kind === 'behind'
    ? {
        key: 'clockBehind',
        level: 'ask',
        text: `This device’s clock stands ${span} before your last mark. Gander counts on from that mark. Has it been longer?`,
        answers: [screen('No, go on', 'clockIsRight'), screen('A minute more', 'minuteMore')],
      }
    : {
        key: 'clockLeapt',
        // Before what else is told: all of it goes by this clock.
        level: 'danger',
        text: `The clock went on by ${span} while this page was out of sight. Had the device slept, or was its clock set?`,
        answers: [screen('It slept: that is right', 'clockIsRight'), screen('It was set: count on', 'countOn')],
      };
}

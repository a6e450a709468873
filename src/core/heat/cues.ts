import type { Forecast } from '../forecast/index.ts';
import { type Milestones, milestoneNames, type PlannedMove } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import { formatSpan } from '../units/index.ts';
import { DANGER_PAST_FIRST_CRACK_C } from './ownFirstCrack.ts';

/** Something to be told in time. The key says it once. */
export interface Cue {
  readonly key: string;
  readonly level: 'soon' | 'due' | 'danger';
  /** As it stands on the screen and as it is spoken. */
  readonly text: string;
}

/** A reminder that belongs to the gear: "turn the tray". */
export interface Reminder {
  readonly when: PlannedMove['when'];
  readonly text: string;
}

/** How things stand at the heat. */
export interface CueSituation {
  readonly nowS: number;
  readonly reached: Milestones;
  readonly forecasts: readonly Forecast[];
  readonly shade: ShadeNumber;
  readonly moves: readonly { readonly move: PlannedMove; readonly words: string; readonly done: boolean }[];
  readonly reminders: readonly Reminder[];
  /** °C a minute, where readings bear it. */
  readonly ratePerMin?: number | undefined;
  /** Degrees past the gear's own first crack, where there is a reading. */
  readonly pastFirstCrackC?: number | undefined;
}

// When to speak. Ours, but for the danger line (handbook, section 6).
const SOON_S = 30;
const PULL_SOON_S = 10;
const SECOND_NEAR_S = 15;
const STALL_PER_MIN = 1;
const OVERDUE_TIMES = 1.35;
const DANGER_C = DANGER_PAST_FIRST_CRACK_C;
/** A planned move stays up for so long. */
const MOVE_STAYS_S = 45;

/** Everything that is to be told now, the gravest first. Pure: the same situation tells the same; the screen says each key once. */
export function cuesFor(at: CueSituation): Cue[] {
  if (at.reached.pull !== undefined) return [];
  const cues = [...dangerCues(at), ...pullCues(at), ...moveCues(at), ...milestoneCues(at)];
  const weight = { danger: 0, due: 1, soon: 2 } as const;
  return cues.sort((a, b) => weight[a.level] - weight[b.level]);
}

function dangerCues({ nowS, reached, forecasts, shade, ratePerMin, pastFirstCrackC }: CueSituation): Cue[] {
  const cues: Cue[] = [];
  if (pastFirstCrackC !== undefined && pastFirstCrackC >= DANGER_C)
    cues.push({ key: 'fire', level: 'danger', text: 'Too hot. Pull now: fire danger.' });
  const since = reached.firstCrack === undefined ? undefined : nowS - reached.firstCrack;
  const pull = forecasts.find(({ milestone }) => milestone === 'pull');
  const meant = pull && reached.firstCrack !== undefined ? pullMeantS(pull, reached.firstCrack) : undefined;
  if (since !== undefined && meant !== undefined && since > meant * OVERDUE_TIMES + 10)
    cues.push({
      key: 'overdue',
      level: 'danger',
      text: `${formatSpan(since)} since first crack: darker than you wanted. Pull.`,
    });
  const second = forecasts.find(({ milestone }) => milestone === 'secondCrack');
  if (
    shade <= 4 &&
    reached.firstCrack !== undefined &&
    second &&
    second.earlyS - nowS <= SECOND_NEAR_S &&
    second.medianS - nowS <= 2 * SECOND_NEAR_S
  )
    cues.push({ key: 'secondNear', level: 'due', text: 'Second crack is near. Pull before it begins.' });
  if (reached.yellow !== undefined && ratePerMin !== undefined && ratePerMin < STALL_PER_MIN)
    cues.push({
      key: `stall${Math.floor(nowS / 120)}`,
      level: 'due',
      text: 'It has stopped rising. A little more heat, or it bakes.',
    });
  return cues;
}

/** The stretch after first crack that was meant: what is forecast, not pushed on by the time that has passed. */
function pullMeantS(pull: Forecast, firstCrackS: number): number {
  return Math.max(20, (pull.meantS ?? pull.medianS) - firstCrackS);
}

function pullCues({ nowS, reached, forecasts, shade }: CueSituation): Cue[] {
  const pull = forecasts.find(({ milestone }) => milestone === 'pull');
  if (!pull || reached.firstCrack === undefined) return [];
  const left = (pull.meantS ?? pull.medianS) - nowS;
  if (left <= 0)
    return [
      {
        key: 'pullNow',
        level: 'due',
        text: pull.by === 'guard' ? 'Pull now: second crack.' : `Pull now: ${shadeOf(shade).name}.`,
      },
    ];
  return left <= PULL_SOON_S ? [{ key: 'pullSoon', level: 'soon', text: 'Pull in ten seconds. Cooling ready?' }] : [];
}

function moveCues({ nowS, reached, moves, reminders }: CueSituation): Cue[] {
  const dueSince = (when: PlannedMove['when']) => {
    const at = when.kind === 'at' ? when.atS : reached[when.milestone];
    return at === undefined ? undefined : nowS - at;
  };
  const isUp = (since: number | undefined) => since !== undefined && since >= 0 && since < MOVE_STAYS_S;
  return [
    ...moves.flatMap(({ move, words, done }, i): Cue[] =>
      !done && isUp(dueSince(move.when)) ? [{ key: `move${i}`, level: 'due', text: `Now: ${words}.` }] : [],
    ),
    ...reminders.flatMap(({ when, text }, i): Cue[] =>
      isUp(dueSince(when)) ? [{ key: `reminder${i}`, level: 'due', text: `${text}.` }] : [],
    ),
  ];
}

function milestoneCues({ nowS, forecasts }: CueSituation): Cue[] {
  const next = forecasts.find(({ milestone }) => milestone === 'yellow' || milestone === 'firstCrack');
  if (!next) return [];
  const name = milestoneNames[next.milestone];
  const left = next.medianS - nowS;
  const title = `${name[0]?.toUpperCase()}${name.slice(1)}`;
  if (left <= 3) return [{ key: `due:${next.milestone}`, level: 'due', text: `${title} any moment.` }];
  return left <= SOON_S
    ? [{ key: `soon:${next.milestone}`, level: 'soon', text: `${title} in about half a minute.` }]
    : [];
}

import { dueAtS } from '../../roast/index.ts';
import { MOVE_STAYS_S } from '../plannedMoves.ts';
import type { HeatSituation } from './situation.ts';
import { logs, type Telling } from './telling.ts';

/** That a move was skipped is said for so long, seconds. */
const SAID_S = 20;

/** Planned moves that are due, each with its two answers; those passed by, once; and the gear's reminders. */
export function moves(situation: HeatSituation): Telling[] {
  return [...plannedMoves(situation), ...reminders(situation)];
}

function plannedMoves({ moves: planned, nowS }: HeatSituation): Telling[] {
  return planned.flatMap(({ index, move, words, state, dueS }): Telling[] => {
    if (state === 'due') {
      const { control, value } = move;
      return [
        {
          key: `move${index}`,
          level: 'due',
          text: `Now: ${words}.`,
          answers: [
            { label: 'Done', does: logs({ kind: 'move', control, ...(value === undefined ? {} : { value }) }) },
            { label: 'Skip', does: logs({ kind: 'skip', planned: index }) },
          ],
        },
      ];
    }
    const passedS = dueS === undefined ? undefined : nowS - dueS - MOVE_STAYS_S;
    return state === 'skipped' && passedS !== undefined && passedS >= 0 && passedS < SAID_S
      ? [{ key: `skipped${index}`, level: 'note', text: `Skipped: ${words}. It can still be made.` }]
      : [];
  });
}

function reminders({ reminders: all, reached, nowS, charged }: HeatSituation): Telling[] {
  return all.flatMap(({ when, text }, i): Telling[] => {
    // While the gear heats up only its own programme runs: what comes again and again.
    if (!charged && (when.kind !== 'at' || when.everyS === undefined)) return [];
    const at = dueAtS(when, reached);
    if (at === undefined || nowS < at) return [];
    const every = when.kind === 'at' ? when.everyS : undefined;
    const [turn, since] = every ? [Math.floor((nowS - at) / every), (nowS - at) % every] : [0, nowS - at];
    // A reminder that comes often does not stay until it comes again.
    const stays = every ? Math.min(MOVE_STAYS_S, every / 3) : MOVE_STAYS_S;
    return since < stays ? [{ key: `reminder${i}.${turn}`, level: 'due', text: `${text}.` }] : [];
  });
}

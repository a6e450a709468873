// How coffee rests, holds and fades, by shade, school and days, as it was last looked over.
import { it } from 'node:test';
import type { ShadeNumber } from '@/core/shade';
import {
  bestFromDays,
  effectiveDays,
  gasLeft,
  isFrozen,
  type JarEvent,
  restSchools,
  sealedTooEarly,
  shelfState,
  staleness,
  windowMoments,
} from '@/core/shelf';
import { DAY_MS } from '@/core/units';
import { assertPinned } from '../pinned.ts';

const MADE = '2026-11-01T10:00:00.000Z';
const moment = (days: number) => new Date(Date.parse(MADE) + days * DAY_MS).toISOString();
const event = (kind: 'freeze' | 'thaw' | 'keep', days: number, keeping = 'airtight') =>
  ({ kind, doneAt: moment(days), ...(kind === 'keep' && { keeping }) }) as unknown as JarEvent;
const DAYS = [0.4, 0.6, 1, 1.6, 3, 5, 8, 10, 14.5, 20, 22, 29, 41, 43];

it('each shade rests and fades as it did', () => {
  const shades = ([1, 4, 6] as const satisfies readonly ShadeNumber[]).flatMap((shade) =>
    restSchools.map((school) => [
      `shade ${shade}, ${school}`,
      [
        bestFromDays(shade, school),
        ...DAYS.map((days) =>
          [
            days,
            shelfState(shade, school, days),
            gasLeft(shade, days).toFixed(4),
            staleness(shade, days).toFixed(4),
          ].join(' '),
        ),
      ],
    ]),
  );
  const jars = {
    plain: [],
    frozen: [event('freeze', 3)],
    thawed: [event('freeze', 3), event('thaw', 12)],
    'thawed first': [event('thaw', 12), event('freeze', 3), event('freeze', 15)],
    'sealed at once': [event('keep', 0.5)],
    'sealed in time': [event('keep', 2.5)],
    'left loose': [event('keep', 0.5, 'loose')],
  };
  const kept = Object.entries(jars).map(([name, events]) => [
    name,
    [1, 5, 13, 20].map((days) => {
      const nowMs = Date.parse(moment(days));
      const { readyMs, bestMs, fadesMs } = windowMoments(MADE, 4, 'usual', events, nowMs);
      return [
        days,
        effectiveDays(MADE, events, nowMs).toFixed(3),
        isFrozen(events, nowMs) ? 'frozen' : 'thawed',
        sealedTooEarly(MADE, events, nowMs) ? 'too early' : 'well',
        ...[readyMs, bestMs, fadesMs].map((ms) => ((ms - nowMs) / DAY_MS).toFixed(2)),
      ].join(' ');
    }),
  ]);
  assertPinned('shelf', Object.fromEntries([...shades, ...kept]));
});

import type { Id } from '../src/core/ids/index.ts';
import { pullsOf, type Roast } from '../src/core/roast/index.ts';
import type { Jar, JarEvent } from '../src/core/shelf/index.ts';

const DAY_MS = 86_400_000;

/** What somebody weighed or did lately: days before today of the roast, days before today of the deed. */
const deeds: readonly {
  readonly roastedDaysAgo: number;
  readonly daysAgo: number;
  readonly event: (doneAt: string) => JarEvent;
}[] = [
  { roastedDaysAgo: 19, daysAgo: 2, event: (doneAt) => ({ kind: 'weigh', doneAt, leftGrams: 24 }) },
  { roastedDaysAgo: 16, daysAgo: 14, event: (doneAt) => ({ kind: 'freeze', doneAt }) },
  { roastedDaysAgo: 12, daysAgo: 1, event: (doneAt) => ({ kind: 'weigh', doneAt, leftGrams: 46 }) },
  { roastedDaysAgo: 9, daysAgo: 1, event: (doneAt) => ({ kind: 'weigh', doneAt, leftGrams: 52 }) },
  { roastedDaysAgo: 6, daysAgo: 1, event: (doneAt) => ({ kind: 'weigh', doneAt, leftGrams: 78 }) },
  { roastedDaysAgo: 4, daysAgo: 4, event: (doneAt) => ({ kind: 'keep', doneAt, keeping: 'valve' }) },
  { roastedDaysAgo: 93, daysAgo: 88, event: (doneAt) => ({ kind: 'fate', doneAt, fate: 'thrown' }) },
];

/** The rows of the jars that something happened to. */
export function demoJars(roasts: readonly Roast[], todayMs: number): Jar[] {
  return deeds.flatMap(({ roastedDaysAgo, daysAgo, event }): Jar[] => {
    const roast = roasts.find(
      ({ createdAt }) => Math.floor((todayMs + DAY_MS - Date.parse(createdAt)) / DAY_MS) === roastedDaysAgo,
    );
    const pull = roast && pullsOf(roast).at(-1);
    if (!roast || !pull) return [];
    const id = `jar:${pull.id.slice('entry:'.length)}` as Id<'jar'>;
    return [
      {
        id,
        roastId: roast.id,
        pullId: pull.id,
        events: [event(new Date(todayMs - daysAgo * DAY_MS + 8 * 3_600_000).toISOString())],
      },
    ];
  });
}

import { readFileSync } from 'node:fs';
import { type PlannedRoast, gear as plannedGear } from '../demo/plan.ts';
import { roastEntries } from '../demo/roastEntries.ts';
import { seededRandom } from '../src/core/chance/index.ts';
import { formatNotebook, type Notebook, parseNotebook } from '../src/core/exchange/index.ts';
import { createId } from '../src/core/ids/index.ts';

const DAY_MS = 86_400_000;

/** The demo notebook and `count` more roasts on its beans and gear, as a file; seeded. */
export function manyRoasts(count: number): string {
  const parsed = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
  if (!parsed.ok) throw new Error('the demo notebook cannot be read');
  const demo: Notebook = parsed.value;
  const random = seededRandom(1000);
  const more = Array.from({ length: count }, (_, i) => {
    const model = demo.roasts[i % demo.roasts.length];
    const on = plannedGear[demo.gear.findIndex((each) => each.id === model?.gearId)];
    if (!model || !on) throw new Error('the demo notebook is empty');
    const planned: PlannedRoast = {
      daysAgo: i,
      lot: 'lantern',
      gear: on.key,
      shade: model.wantedShade,
      place: model.place,
    };
    const at = new Date(Date.parse(model.createdAt) - (130 + i) * DAY_MS).toISOString();
    return {
      ...model,
      id: createId('roast', random),
      createdAt: at,
      chargedAt: at,
      entries: roastEntries(planned, on, model.greenGrams, random),
    };
  });
  return formatNotebook({ ...demo, roasts: [...demo.roasts, ...more] }, demo.savedAt);
}

import { readFileSync } from 'node:fs';
import { parseNotebook } from '@/core/exchange';
import { type PastRoast, pastRoastsOf, toldBy } from '@/core/forecast';

const parsed = parseNotebook(readFileSync(new URL('../../demo/household.gander.json', import.meta.url), 'utf8'));
if (!parsed.ok) throw new Error('the demo household does not open');

/** The demo household's notebook: a record that nobody tuned a test to, newest roasts last. */
export const demo = parsed.value;
export const demoLots = new Map(demo.lots.map((lot) => [lot.id as string, lot]));
export const demoGear = new Map(demo.gear.map((gear) => [gear.id as string, gear]));

/** Its roasts as the forecast learns from them. */
export const demoPast: readonly PastRoast[] = pastRoastsOf(demo.roasts.map(toldBy), demoLots, demoGear);

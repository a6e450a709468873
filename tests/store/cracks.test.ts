// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { it } from 'node:test';
import { crackProposal, kindOfCrack } from '@/core/heat';
import { lastUndoable, liveEntries, ribbonOf } from '@/core/roast';
import { logCracks } from '@/store/cracks';
import { entry, mark } from '../core/build.ts';
import { smallHousehold } from './household.ts';

const tap = (at: number) => entry(at, { kind: 'crack', crack: 'first' });
const heardAt = (...times: number[]) => times.map((at) => ({ at, crack: 'first' as const, sure: 0.913 }));

it('a crack is one entry, whether it was heard, tapped as well, or heard in another tab', async () => {
  const { db, roasted } = await smallHousehold();
  const { id } = await roasted(10, {}, [mark(120, 'yellow'), tap(200.4)]);
  // The tap came 0.3 s after the crack at 200.1; the pop at 202 was not tapped, and one before the charge is none.
  await logCracks(db, id, heardAt(-3, 200.1, 202, 202.03));
  await Promise.all([logCracks(db, id, heardAt(204, 206)), logCracks(db, id, heardAt(204.04, 206.02, 208))]);
  const roast = await db.roasts.get(id);
  const cracks = (roast?.entries ?? []).flatMap((each) => (each.kind === 'crack' ? [[each.at, each.source]] : []));
  assert.deepEqual(cracks.slice(0, 3), [
    [200.4, 'hand'],
    [202, 'microphone'],
    [202.03, 'microphone'],
  ]);
  assert.equal(cracks.length, 6);
});

it('what is heard alone moves no forecast, makes no proposal by taps and is not what undo takes back', async () => {
  const { db, roasted } = await smallHousehold();
  const { id } = await roasted(10, {}, [mark(120, 'yellow')]);
  const { entries } = await logCracks(db, id, heardAt(300, 302, 304, 306, 308));
  const live = liveEntries(entries);
  assert.equal(crackProposal(live, { yellow: 120 }, 310), undefined);
  // Nor does a pause after it make the next tap a snap.
  assert.equal(kindOfCrack(live, { yellow: 120, firstCrack: 300 }, 309), 'first');
  assert.equal(lastUndoable(entries)?.kind, 'mark');
});

it('what was heard doubtfully is drawn as doubtful, and what was tapped never is', async () => {
  const { db, roasted } = await smallHousehold();
  const { id } = await roasted(10, {}, [mark(120, 'yellow'), tap(290)]);
  const { entries } = await logCracks(db, id, [
    { at: 300, crack: 'first', sure: 0.913 },
    { at: 303, crack: 'first', sure: 0.31 },
  ]);
  assert.deepEqual(ribbonOf({ entries, wantedShade: 3 }).cracks, {
    first: [290, 300, 303],
    second: [],
    doubtful: [303],
  });
});

it('a kitchen that goes on all evening fills no roast: two thousand are kept, and taps always', async () => {
  const { db, roasted } = await smallHousehold();
  const { id } = await roasted(10, {}, [mark(120, 'yellow'), tap(200)]);
  const times = Array.from({ length: 1500 }, (_, i) => 300 + i * 0.3);
  await logCracks(db, id, heardAt(...times));
  const { entries } = await logCracks(db, id, heardAt(...times.map((at) => at + 500)));
  const cracks = entries.filter(({ kind }) => kind === 'crack');
  assert.equal(cracks.length, 2000);
  assert.ok(cracks.some(({ source }) => source === 'hand'));
  const again = await logCracks(db, id, heardAt(2000));
  assert.equal(again.entries.length, entries.length);
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { circumstancesAt, expectationFor, pastRoastOf, pastRoastsOf, sinceMinOf, toldBy } from '@/core/forecast';
import type { Gear } from '@/core/gear';
import { liveEntries } from '@/core/roast';
import { entry, mark, pull, roastOf } from '../build.ts';

const flame = { kind: 'step', id: 'flame', label: 'Flame', least: 1, most: 9, start: 5, by: 1, axis: 'heat' } as const;
const pot = { method: 'stovetopPopper', controls: [flame] } as unknown as Gear;
const set = (at: number, value: number | string) => entry(at, { kind: 'move', control: 'flame', value });
const planned = { plannedMoves: [{ when: { kind: 'at' as const, atS: 0 }, control: 'flame', value: 7 }] };
const heatOf = (entries: Parameters<typeof roastOf>[0], facts = {}) => {
  const roast = roastOf(entries, facts);
  return circumstancesAt(roast, liveEntries(roast.entries), undefined, pot).heat;
};

describe('the heat that a roast begins with', () => {
  it('is what was planned, or what was set in the first minute, also while it is on', () => {
    assert.equal(heatOf([]), undefined);
    assert.equal(heatOf([], planned), 1.4);
    assert.equal(heatOf([set(20, 8)], planned), 1.6, 'pressed outranks planned');
    assert.equal(heatOf([set(20, 6)]), 1.2);
    assert.equal(heatOf([set(200, 2)], planned), 1.4, 'a later move does not erase the plan');
  });
  it('is unknown where the value is none of the control’s, and nothing that is learned is ever not a number', () => {
    assert.equal(heatOf([set(20, 'high')]), undefined);
    const words = {
      ...pot,
      controls: [{ ...flame, kind: 'words', words: ['low', 'high'], start: 'low' }],
    } as unknown as Gear;
    const roast = roastOf([set(20, 7), mark(500, 'firstCrack'), pull(600)]);
    const learned = pastRoastOf(toldBy(roast), undefined, words);
    assert.equal(learned.heat, undefined);
    const zero = { ...pot, controls: [{ ...flame, least: 0, start: 0 }] } as unknown as Gear;
    const fields = [words, zero, pot].map((gear) => pastRoastOf(toldBy(roast), undefined, gear));
    for (const each of fields) {
      const { usualTimes } = expectationFor({ ...each, greenGrams: 80 }, [learned, ...fields]);
      for (const { earlyS, medianS, lateS } of Object.values(usualTimes))
        assert.ok([earlyS, medianS, lateS].every(Number.isFinite));
    }
  });
});

describe('what is learned from', () => {
  it('leaves out marks that are asked about until somebody stands by them', () => {
    const odd = mark(5, 'firstCrack');
    assert.deepEqual(pastRoastOf(toldBy(roastOf([mark(2, 'yellow'), odd, pull(320)])), undefined, pot).reached, {
      pull: 320,
    });
    const soon = mark(40, 'firstCrack');
    const sure = entry(50, { kind: 'amend', target: soon.id, sure: true });
    const reached = (...log: Parameters<typeof roastOf>[0]) =>
      pastRoastOf(toldBy(roastOf(log)), undefined, pot).reached;
    assert.deepEqual(reached(mark(30, 'yellow'), soon, pull(320)), { yellow: 30, pull: 320 });
    assert.equal(reached(mark(30, 'yellow'), soon, sure, pull(320)).firstCrack, 40);
  });
  it('knows the minutes since the last pull on the same gear', () => {
    const at = (iso: string) => Date.parse(iso);
    const one = { gearId: 'gear:a', pulledMs: at('2026-11-24T10:10:00Z') };
    assert.equal(sinceMinOf('gear:a', at('2026-11-24T10:18:00Z'), [one]), 8);
    assert.equal(sinceMinOf('gear:b', at('2026-11-24T10:18:00Z'), [one]), undefined);
    assert.equal(sinceMinOf('gear:a', at('2026-11-24T10:05:00Z'), [one]), undefined, 'a later pull says nothing');
    const batch = (chargedAt: string, gearId = 'gear:a') =>
      roastOf([pull(600)], { chargedAt, gearId: gearId as never });
    // Newest first, as the journal gives them; another gear between says nothing.
    const roasts = [
      batch('2026-11-24T10:31:00.000Z'),
      batch('2026-11-24T10:15:00.000Z', 'gear:b'),
      batch('2026-11-24T10:20:00.000Z'),
      batch('2026-11-24T10:00:00.000Z'),
    ];
    assert.deepEqual(
      pastRoastsOf(roasts.map(toldBy), new Map(), new Map()).map(({ sinceMin }) => sinceMin),
      [1, undefined, 10, undefined],
    );
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  type Entry,
  lastUndoable,
  lateOne,
  liveEntries,
  milestonesOf,
  questionsAbout,
  ribbonOf,
  roastSchema,
  stretchesOf,
} from '@/core/roast';
import { anyDeed, entry, mark, playDeeds, pull, roastOf, undoOf } from '../build.ts';

describe('liveEntries', () => {
  it('orders by when it happened, not by when it was pressed', () => {
    const late = mark(200, 'firstCrack');
    const early = entry(100, { kind: 'mark', milestone: 'yellow' }, 210);
    assert.deepEqual(
      liveEntries([late, early]).map((each) => each.id),
      [early.id, late.id],
    );
  });

  it('keeps when a corrected entry was pressed', () => {
    const crack = mark(300, 'firstCrack');
    const [live] = liveEntries([crack, entry(310, { kind: 'amend', target: crack.id, happenedAt: 295 })]);
    assert.equal(live?.at, 295);
    assert.equal(live?.pressedAt, 300);
    assert.equal(live?.corrected, true);
  });

  it('backdates again and again, and takes back one step at a time', () => {
    const crack = mark(300, 'firstCrack');
    const first = entry(301, { kind: 'amend', target: crack.id, happenedAt: 295 });
    const second = entry(302, { kind: 'amend', target: crack.id, happenedAt: 290 });
    assert.equal(liveEntries([crack, first, second])[0]?.at, 290);
    assert.equal(liveEntries([crack, first, second, undoOf(second)])[0]?.at, 295);
  });

  it('takes back an entry, and brings it again when the undo is taken back', () => {
    const yellow = mark(120, 'yellow');
    const undo = undoOf(yellow);
    assert.deepEqual(liveEntries([yellow, undo]), []);
    assert.equal(liveEntries([yellow, undo, undoOf(undo)]).length, 1);
  });

  it('sets and empties the weight and shade of a pull', () => {
    const out = pull(400);
    const weigh = entry(500, { kind: 'amend', target: out.id, grams: 68.2, shade: 4 });
    const live = liveEntries([out, weigh])[0];
    assert.ok(live?.kind === 'pull');
    assert.deepEqual([live.grams, live.shade], [68.2, 4]);
    const emptied = liveEntries([
      out,
      weigh,
      entry(501, { kind: 'amend', target: out.id, grams: null, shade: null }),
    ])[0];
    assert.ok(emptied?.kind === 'pull');
    assert.deepEqual([emptied.grams, emptied.shade], [undefined, undefined]);
  });

  it('does not mind amendments of what is not there', () => {
    const gone = mark(10, 'yellow');
    assert.deepEqual(liveEntries([entry(20, { kind: 'amend', target: gone.id, happenedAt: 5 }), undoOf(gone)]), []);
  });
});

it('what was pressed last is the person’s, whatever a probe said since', () => {
  const yellow = mark(120, 'yellow');
  const reading = { ...entry(125, { kind: 'reading', celsius: 150 }), source: 'probe' as const };
  const late = (entries: Entry[]) => lateOne(roastOf(entries), liveEntries(entries));
  assert.deepEqual(late([yellow, reading]), liveEntries([yellow])[0]);
  assert.equal(late([reading]), 'charge', 'the beans going in, where that came last');
});

describe('lastUndoable', () => {
  it('goes back step by step until nothing is left', () => {
    const log: Entry[] = [mark(120, 'yellow'), mark(240, 'firstCrack')];
    const names: unknown[] = [];
    for (let last = lastUndoable(log); last; last = lastUndoable(log)) {
      names.push(last.kind === 'mark' ? last.milestone : last.kind);
      log.push(undoOf(last));
    }
    assert.deepEqual(names, ['firstCrack', 'yellow']);
    assert.deepEqual(liveEntries(log), []);
  });
});

describe('any sequence of marks, corrections and undos', () => {
  it('gives a valid record, and everything that is derived from it holds together', () => {
    fc.assert(
      fc.property(fc.array(anyDeed, { maxLength: 40 }), (deeds) => {
        const roast = roastOf(playDeeds(deeds));
        assert.ok(roastSchema.safeParse(roast).success);
        const live = liveEntries(roast.entries);
        const reached = milestonesOf(live);
        for (let i = 1; i < live.length; i++) assert.ok((live[i - 1]?.at ?? 0) <= (live[i]?.at ?? 0));
        for (const stretch of stretchesOf(reached)) assert.ok(stretch.toS >= stretch.fromS);
        for (const question of questionsAbout(live)) assert.ok(live.some((each) => each.id === question.entryId));
        const ribbon = ribbonOf(roast);
        for (let i = 1; i < ribbon.body.length; i++) {
          const [a, b] = [ribbon.body[i - 1], ribbon.body[i]];
          assert.ok(a && b && a.at <= b.at && a.tone <= b.tone + 1e-12);
        }
      }),
      { seed: 4, numRuns: 400 },
    );
  });

  it('is undone by as many undos as there are lines', () => {
    fc.assert(
      fc.property(fc.array(anyDeed, { maxLength: 25 }), (deeds) => {
        const log = playDeeds(deeds);
        for (let last = lastUndoable(log); last; last = lastUndoable(log)) log.push(undoOf(last));
        assert.deepEqual(liveEntries(log), []);
      }),
      { seed: 5 },
    );
  });
});

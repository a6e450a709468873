import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { accountLines, type JarEvent, type LedgerLine } from '@/core/shelf';

const DAY = 86_400_000;
const line = (day: number, kind: LedgerLine['kind'], byGrams: number, leftGrams: number): LedgerLine => ({
  atMs: day * DAY,
  kind,
  byGrams,
  leftGrams,
});
const gift: JarEvent = { kind: 'give', doneAt: new Date(3 * DAY).toISOString(), grams: 20 };

describe('the account of a jar as it is shown', () => {
  it('has reckoned days in a row as one line, newest first', () => {
    const lines = [line(0, 'filled', 100, 100), line(1, 'drawn', -10, 90), line(2, 'drawn', -12, 78)];
    const [drawn, filled, ...more] = accountLines(lines, []);
    assert.deepEqual(more, []);
    assert.deepEqual(drawn, {
      fromMs: DAY,
      toMs: 2 * DAY,
      kind: 'drawn',
      byGrams: -22,
      leftGrams: 78,
      event: undefined,
    });
    assert.equal(filled?.leftGrams, 100);
  });
  it('begins a new line behind a fact, and knows which fact that is', () => {
    const lines = [line(2, 'drawn', -10, 90), line(3, 'give', -20, 70), line(4, 'drawn', -10, 60)];
    const all = accountLines(lines, [gift]);
    assert.deepEqual(
      all.map(({ kind, event }) => [kind, event]),
      [
        ['drawn', undefined],
        ['give', gift],
        ['drawn', undefined],
      ],
    );
  });
});

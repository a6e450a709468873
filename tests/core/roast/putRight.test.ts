import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { atAnotherTime, type Entry, entrySchema, liveEntries, questionsAbout, type Roast } from '@/core/roast';

const line = (facts: object, i: number) =>
  entrySchema.parse({ id: `entry:000${i}`, at: 60 * i, pressedAt: 60 * i, source: 'hand', ...facts });

describe('what was said at the heat', () => {
  it('is put right by a later line, and is as before once that is taken back', () => {
    const log = [
      line({ kind: 'reading', celsius: 150 }, 1),
      line({ kind: 'move', control: 'flame', value: 3 }, 2),
      line({ kind: 'smell', smell: 'hay' }, 3),
      line({ kind: 'colour', tone: 0.2 }, 4),
      line({ kind: 'sense', sense: 'smoke', word: 'wisps' }, 5),
      line({ kind: 'amend', target: 'entry:0001', celsius: 148 }, 6),
      line({ kind: 'amend', target: 'entry:0002', value: 5 }, 6),
      line({ kind: 'amend', target: 'entry:0003', smell: 'toast' }, 6),
      line({ kind: 'amend', target: 'entry:0004', tone: 0.4 }, 6),
      line({ kind: 'amend', target: 'entry:0005', word: 'thick' }, 6),
    ].map((entry, i) => ({ ...entry, id: `entry:000${i + 1}` })) as Entry[];
    const said = (entries: readonly Entry[]) =>
      liveEntries(entries).map((entry) => {
        const { celsius, value, smell, tone, word } = entry as Record<string, unknown>;
        return celsius ?? value ?? smell ?? tone ?? word;
      });
    assert.deepEqual(said(log), [148, 5, 'toast', 0.4, 'thick']);
    const undone = log
      .slice(5)
      .map((entry, i) => ({ ...line({ kind: 'undo', target: entry.id }, 7), id: `entry:00u${i}` }));
    assert.deepEqual(said([...log, ...(undone as Entry[])]), [150, 3, 'hay', 0.2, 'wisps']);
  });

  it('is asked about when it comes later than any roast lasts', () => {
    const late = liveEntries([{ ...line({ kind: 'mark', milestone: 'yellow' }, 1), at: 5500 }]);
    assert.deepEqual(
      questionsAbout(late).map(({ kind }) => kind),
      ['tooLate'],
    );
  });
});

describe('another time', () => {
  const roast = {
    createdAt: '2026-11-24T09:50:00.000Z',
    preheatedAt: '2026-11-24T09:50:00.000Z',
    chargedAt: '2026-11-24T10:00:00.000Z',
  } as Roast;
  it('moves the preheat along with the charge', () => {
    assert.deepEqual(atAnotherTime(roast, Date.parse('2026-11-20T08:30:00Z')), {
      createdAt: '2026-11-20T08:20:00.000Z',
      preheatedAt: '2026-11-20T08:20:00.000Z',
      chargedAt: '2026-11-20T08:30:00.000Z',
    });
  });
  it('leaves out what never was, and refuses what is no moment', () => {
    const { preheatedAt: _, chargedAt: __, ...setUp } = roast;
    assert.deepEqual(atAnotherTime(setUp as Roast, Date.parse('2026-11-25T09:50:00Z')), {
      createdAt: '2026-11-25T09:50:00.000Z',
    });
    assert.throws(() => atAnotherTime(roast, Number.NaN), RangeError);
  });
});

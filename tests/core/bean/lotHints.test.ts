import assert from 'node:assert/strict';
import { it } from 'node:test';
import { lotHints } from '@/core/bean';

const advised = (lot: Parameters<typeof lotHints>[0]) =>
  lotHints(lot).map(({ advice }) => advice.split(/[ ,]/, 3).join(' '));

it('says nothing about a lot with nothing special', () => {
  assert.deepEqual(lotHints({ process: 'washed', gramsPerMl: 0.7, moisturePercent: 11, grading: 'graded' }), []);
  assert.deepEqual(lotHints({ process: 'honey' }), []);
});
it('says what the process implies, and why', () => {
  assert.equal(lotHints({ process: 'decaf' })[0]?.reason, 'Decafs colour early, crack quietly and scorch easily.');
  assert.equal(lotHints({ process: 'natural' })[0]?.reason, 'Naturals colour early, crack quietly and scorch easily.');
  assert.deepEqual(advised({ process: 'wetHulled' }), ['Go by the']);
});
it('says what grading, density and moisture imply', () => {
  assert.deepEqual(advised({ process: 'washed', grading: 'mixed', gramsPerMl: 0.76 }), [
    'Pull lighter than',
    'Give it heat',
  ]);
  // Dense naturals are not told to start gently and with all the heat at once.
  assert.deepEqual(advised({ process: 'natural', gramsPerMl: 0.76 }), ['Start gently ', 'Once all of']);
  assert.deepEqual(advised({ process: 'washed', grading: 'peaberry', gramsPerMl: 0.63 }), [
    'Expect it a',
    'Hold the heat',
  ]);
  assert.deepEqual(advised({ process: 'washed', moisturePercent: 13 }), ['Expect a longer']);
  assert.deepEqual(advised({ process: 'washed', moisturePercent: 8.5 }), ['Expect it sooner']);
});

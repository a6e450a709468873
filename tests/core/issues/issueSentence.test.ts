import assert from 'node:assert/strict';
import { it } from 'node:test';
import { assertNever, type Issue, issueSentence } from '@/core/issues';

const path = ['lots', 2, 'name'];
const every: Record<Issue['code'], [Issue, string]> = {
  empty: [{ code: 'empty', path, expected: 'a name' }, 'Fill this in: a name.'],
  notANumber: [{ code: 'notANumber', path, text: 'x', example: '80 g' }, '“x” is not an amount. Write it like 80 g.'],
  noSpan: [
    { code: 'noSpan', path: [], text: '3 mugs a day' },
    '“3 mugs a day”: for how long? Write it like “3 mugs a day for a week”.',
  ],
  unknownUnit: [
    { code: 'unknownUnit', path, unit: 'st', known: ['g', 'oz'] },
    '“st” is no unit known here. Use g, oz.',
  ],
  outOfRange: [
    { code: 'outOfRange', path, value: '0 g', least: '1 g', most: '9 g' },
    '0 g is outside what can be: between 1 g and 9 g.',
  ],
  notADay: [{ code: 'notADay', path, text: 'soon' }, '“soon” is not a day. Write it like 21 Nov or 2026-11-21.'],
  unknownName: [
    { code: 'unknownName', path, text: 'red one', what: 'gear', known: ['Blue popper'] },
    'No gear is called “red one”. Write Blue popper.',
  ],
  outOfOrder: [
    { code: 'outOfOrder', path, what: 'The pull', before: 'first crack' },
    'The pull comes before first crack: which of the two is wrong?',
  ],
  notAClock: [{ code: 'notAClock', path, text: 'x' }, '“x” is not a time. Write minutes and seconds like 7:42.'],
  notJson: [
    { code: 'notJson', path, detail: 'ends early' },
    'This file cannot be read as a notebook (ends early). Choose a file that Gander saved.',
  ],
  notOurs: [
    { code: 'notOurs', path, found: 'it names no format' },
    'This is not a Gander notebook: it names no format. Choose a file that Gander saved.',
  ],
  newer: [
    { code: 'newer', path, version: 9, known: 1 },
    'This notebook is of version 9; this Gander reads up to version 1. Update Gander, then load it again.',
  ],
  shape: [{ code: 'shape', path, detail: 'expected text' }, 'lots › no. 3 › name: expected text.'],
  dangling: [
    { code: 'dangling', path: [], id: 'lot:a', wanted: 'lot' },
    'The file: it refers to the lot “lot:a”, which the file does not hold.',
  ],
};

for (const [code, [issue, sentence]] of Object.entries(every))
  it(`says what ${code} means`, () => assert.equal(issueSentence(issue), sentence));

it('names the value that no case took', () => {
  assert.throws(() => assertNever('surprise' as never), { name: 'RangeError', message: 'No case for "surprise"' });
});

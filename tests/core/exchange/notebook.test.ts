import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import * as z from 'zod';
import {
  formatNotebook,
  NOTEBOOK_VERSION,
  type Notebook,
  noContent,
  notebookSchema,
  notebookSteps,
  parseNotebook,
  roastContent,
  shiftDates,
  withNamedMoments,
} from '@/core/exchange';
import { plainHousehold } from '@/core/household';
import type { Id } from '@/core/ids';
import { issueSentence } from '@/core/issues';
import { anyDeed, playDeeds, pull, roastOf } from '../build.ts';

const fixtures = new URL('../../fixtures/', import.meta.url);
const demoText = readFileSync(new URL('../../../demo/household.gander.json', import.meta.url), 'utf8');
const lot = {
  id: 'lot:test0001' as Id<'lot'>,
  name: 'Lantern Terrace',
  origin: 'Peru',
  process: 'washed' as const,
  packs: [{ grams: 1000 }],
  createdAt: '2026-11-01T10:00:00.000Z',
};
const gear = {
  id: 'gear:test0001' as Id<'gear'>,
  nickname: 'Blue popper',
  method: 'hotAirPopper' as const,
  createdAt: '2026-11-01T10:00:00.000Z',
};
const content = {
  ...noContent,
  household: plainHousehold,
  lots: [lot],
  gear: [gear],
  roasts: [roastOf([pull(320, { grams: 68 })])],
};
const SAVED_AT = '2026-11-24T12:00:00.000Z';
const sentences = (text: string) => {
  const parsed = parseNotebook(text);
  return parsed.ok ? [] : parsed.issues.map(issueSentence);
};
const requireValue = (text: string): Notebook => {
  const parsed = parseNotebook(text);
  assert.ok(parsed.ok, parsed.ok ? '' : parsed.issues.map(issueSentence).join(' '));
  return parsed.value;
};

it('is written as JSON writes it, with one blank for each level', () => {
  const demo = requireValue(demoText);
  const { format, version, savedAt, ...rest } = demo;
  const whole = JSON.stringify({ format, version, savedAt, ...rest }, null, 1);
  assert.equal(formatNotebook(rest, savedAt), `${whole}\n`);
});

describe('a notebook file', () => {
  it('comes back identical, whatever was done in the roast', () => {
    fc.assert(
      fc.property(fc.array(anyDeed, { maxLength: 20 }), fc.string({ maxLength: 60 }), (deeds, note) => {
        const written = { ...content, roasts: [roastOf(playDeeds(deeds), { note })] };
        const text = formatNotebook(written, SAVED_AT);
        const { format: _, version: __, savedAt: ___, ...back } = requireValue(text);
        assert.deepEqual(back, written);
        const again = formatNotebook(back, SAVED_AT);
        const { format: ____, version: _____, savedAt: ______, ...twice } = requireValue(again);
        assert.equal(formatNotebook(twice, SAVED_AT), again);
      }),
      { seed: 7, numRuns: 150 },
    );
  });
  it('holds one roast with what it needs', () => {
    const other = { ...lot, id: 'lot:test0002' as Id<'lot'> };
    const one = roastContent({ ...content, lots: [lot, other] }, content.roasts[0]?.id ?? '');
    assert.deepEqual(one, { ...noContent, lots: [lot], gear: [gear], roasts: content.roasts });
    assert.deepEqual(requireValue(formatNotebook(one, SAVED_AT)).lots, [lot]);
  });
  it('opens in every version that was ever released', () => {
    const files = readdirSync(fixtures).filter((name) => /^notebook-v\d+\.json$/.test(name));
    assert.equal(files.length, NOTEBOOK_VERSION, 'one fixture a version');
    for (const name of files) assert.ok(requireValue(readFileSync(new URL(name, fixtures), 'utf8')).roasts.length > 0);
    assert.deepEqual(
      notebookSteps.map(({ from }) => from),
      Array.from({ length: NOTEBOOK_VERSION - 1 }, (_, i) => i + 1),
    );
  });
  it('knows moments by what happened then, also in a file of before', () => {
    const old = {
      lots: [{ weighings: [{ at: SAVED_AT, leftGrams: 3 }] }],
      jars: [{ events: [{ kind: 'empty', at: SAVED_AT }] }],
      cups: [{ at: SAVED_AT }],
      roasts: [{ entries: [{ at: 12 }], looks: [{ at: SAVED_AT }] }, { entries: [] }],
    };
    const next = {
      lots: [{ weighings: [{ weighedAt: SAVED_AT, leftGrams: 3 }] }],
      jars: [{ events: [{ kind: 'empty', doneAt: SAVED_AT }] }],
      cups: [{ tastedAt: SAVED_AT }],
      roasts: [{ entries: [{ at: 12 }], looks: [{ takenAt: SAVED_AT }] }, { entries: [] }],
    };
    const step = notebookSteps.find(({ from }) => from === 5)?.step;
    assert.deepEqual(step?.({ version: 5, ...old }), { version: 6, ...next });
    assert.deepEqual(step?.({ version: 5, ...next }), { version: 6, ...next }, 'once is enough');
    assert.deepEqual(
      withNamedMoments('cups', { at: 7, words: null }),
      { tastedAt: 7, words: null },
      'however odd it is',
    );
    assert.deepEqual(withNamedMoments('jars', { events: ['', null, 3] }), { events: ['', null, 3] });
  });
  it('is described by the schema in docs', () => {
    const written = readFileSync(new URL('../../../docs/notebook.schema.json', import.meta.url), 'utf8');
    assert.deepEqual(
      JSON.parse(written),
      z.toJSONSchema(notebookSchema, { unrepresentable: 'any' }),
      'run: npm run schema',
    );
  });
});

describe('a file that cannot be loaded', () => {
  it('is refused with what is wrong and where', () => {
    assert.match(
      sentences('not json at all')[0] ?? '',
      /^This file cannot be read as a notebook \(.+\)\. Choose a file that Gander saved\.$/,
    );
    assert.deepEqual(sentences('[]'), [
      'This is not a Gander notebook: it holds no notebook object. Choose a file that Gander saved.',
    ]);
    assert.deepEqual(sentences('{"format":"else"}'), [
      'This is not a Gander notebook: its format is "else". Choose a file that Gander saved.',
    ]);
    assert.deepEqual(sentences('{}'), [
      'This is not a Gander notebook: it names no format. Choose a file that Gander saved.',
    ]);
    assert.deepEqual(sentences('{"format":"gander-notebook","version":"one"}'), [
      'version: expected a whole number from 1, got "one".',
    ]);
    const broken = JSON.parse(formatNotebook(content, SAVED_AT));
    broken.lots[0].packs[0].grams = -4;
    assert.match(sentences(JSON.stringify(broken))[0] ?? '', /^lots › no\. 1 › packs › no\. 1 › grams: /);
  });
  it('says so when it is newer than this Gander', () => {
    assert.deepEqual(sentences('{"format":"gander-notebook","version":99}'), [
      `This notebook is of version 99; this Gander reads up to version ${NOTEBOOK_VERSION}. Update Gander, then load it again.`,
    ]);
  });
  it('is refused when a roast names beans that are not there', () => {
    assert.deepEqual(sentences(formatNotebook({ ...content, lots: [] }, SAVED_AT)), [
      'roasts › no. 1: it refers to the lot “lot:test0001”, which the file does not hold.',
    ]);
  });
  it('never makes the reader throw', () => {
    fc.assert(
      fc.property(fc.json(), (text) => void parseNotebook(text)),
      { seed: 8 },
    );
  });
});

describe('the demo household', () => {
  const demo = requireValue(demoText);
  it('is a notebook of at least 12 roasts over several gear and lots', () => {
    assert.ok(demo.roasts.length >= 12);
    assert.ok(new Set(demo.roasts.map((roast) => roast.gearId)).size >= 4);
    assert.ok(new Set(demo.roasts.map((roast) => roast.lotId)).size >= 4);
  });
  it('has nothing in the demo that is still to come: its last roast is made yesterday’s', () => {
    const newest = Math.max(...demo.roasts.map(({ createdAt }) => Date.parse(createdAt)));
    const endOfDay = (Math.floor(newest / 86_400_000) + 1) * 86_400_000;
    const moments = [
      ...demo.cups.map(({ tastedAt }) => tastedAt),
      ...demo.jars.flatMap(({ events }) => events.map(({ doneAt }) => doneAt)),
      ...demo.flights.flatMap(({ createdAt, endedAt }) => [createdAt, endedAt ?? createdAt]),
      ...demo.recipes.map(({ createdAt }) => createdAt),
      ...demo.experiments.flatMap(({ createdAt, answeredAt }) => [createdAt, answeredAt ?? createdAt]),
    ];
    assert.ok(moments.length > 20);
    for (const at of moments) assert.ok(Date.parse(at) < endOfDay, at);
  });

  it('is moved in time by whole days, entries untouched', () => {
    const moved = shiftDates(demo, 10);
    const [before, after] = [demo.roasts[0], moved.roasts[0]];
    assert.equal(Date.parse(after?.createdAt ?? '') - Date.parse(before?.createdAt ?? ''), 10 * 86_400_000);
    assert.deepEqual(after?.entries, before?.entries);
    assert.deepEqual(shiftDates(moved, -10), demo);
    assert.throws(() => shiftDates(demo, 0.5), { message: 'days must be a whole number, got 0.5 days' });
  });
});

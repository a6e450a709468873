import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { describeRibbon, ribbonOf, toneAt } from '@/core/roast';
import { shadeTone, TONE } from '@/core/shade';
import { entry, mark, pull, roastOf } from '../build.ts';

const marked = [mark(120, 'yellow'), mark(240, 'firstCrack')];

describe('the ribbon’s colours', () => {
  it('are green at charge, yellow at yellow, brown at first crack, the shade at the pull', () => {
    const { body } = ribbonOf(roastOf([...marked, pull(320, { shade: 4 })]));
    assert.equal(toneAt(body, 0), TONE.green);
    assert.equal(toneAt(body, 120), TONE.yellow);
    assert.equal(toneAt(body, 60), TONE.yellow / 2);
    assert.equal(toneAt(body, 240), TONE.firstCrack);
    assert.equal(toneAt(body, 320), shadeTone(4));
  });
  it('end at the shade that was wanted until somebody looked', () => {
    assert.equal(toneAt(ribbonOf(roastOf([...marked, pull(320)], { wantedShade: 6 })).body, 320), shadeTone(6));
    assert.equal(toneAt(ribbonOf(roastOf([...marked, pull(320, { shade: 7 })])).body, 320), shadeTone(7));
  });
  it('follow a colour that was picked', () => {
    const seen = entry(60, { kind: 'colour', tone: 0.25 });
    assert.equal(toneAt(ribbonOf(roastOf([seen, ...marked])).body, 60), 0.25);
  });
  it('never turn paler, even when a slip says so', () => {
    const slip = entry(230, { kind: 'colour', tone: 0.1 });
    const { body } = ribbonOf(roastOf([...marked, slip, pull(320)]));
    assert.ok(toneAt(body, 230) >= TONE.yellow);
  });
  it('hold at the ends of a body and are green on an empty one', () => {
    assert.equal(toneAt([{ at: 10, tone: 0.4 }], 500), 0.4);
    assert.equal(toneAt([], 500), TONE.green);
  });
});

describe('the live ribbon', () => {
  it('ends now and goes on pale to the expected pull', () => {
    const ribbon = ribbonOf(roastOf(marked), 260, { pull: 320 });
    assert.equal(ribbon.toS, 260);
    assert.deepEqual([ribbon.ahead[0]?.at, ribbon.ahead.at(-1)?.at], [260, 320]);
    assert.deepEqual(ribbonOf(roastOf([...marked, pull(320)]), 400).ahead, []);
  });
});

describe('the ribbon’s edges', () => {
  it('carry cracks as heard, or a hatched stretch where only start and end are known', () => {
    const pops = [241, 244, 250].map((at) => entry(at, { kind: 'crack', crack: 'first' }));
    assert.deepEqual(ribbonOf(roastOf([...marked, ...pops, pull(320)])).crackSpans, []);
    const hatched = ribbonOf(roastOf([...marked, mark(300, 'firstCrackEnd'), pull(320)])).crackSpans;
    assert.deepEqual(hatched, [{ crack: 'first', fromS: 240, toS: 300 }]);
  });
  it('tell which way a move went', () => {
    const moves = [5, 7, 4].map((value, i) => entry(10 * i, { kind: 'move', control: 'flame', value }));
    assert.deepEqual(
      ribbonOf(roastOf(moves)).moves.map(({ direction }) => direction),
      ['none', 'up', 'down'],
    );
  });
  it('begin with the charge: what was set in the preheat stands there as it stood, the rest of the preheat is left out', () => {
    const before = [
      entry(-90, { kind: 'move', control: 'flame', value: 5 }),
      entry(-60, { kind: 'move', control: 'stir' }),
      entry(-30, { kind: 'move', control: 'flame', value: 7 }),
      entry(-20, { kind: 'smell', smell: 'smoke' }),
      entry(-10, { kind: 'crack', crack: 'first' }),
    ];
    const after = [entry(40, { kind: 'move', control: 'flame', value: 6 })];
    const { moves, smells, cracks } = ribbonOf(roastOf([...before, ...after]));
    assert.deepEqual(
      moves.map(({ at, value, direction }) => [at, value, direction]),
      [
        [0, 7, 'up'],
        [40, 6, 'down'],
      ],
    );
    assert.deepEqual([smells, cracks.first], [[], []]);
  });
  it('show parts taken out as tabs', () => {
    const staged = roastOf([...marked, pull(300, { all: false, shade: 4 }), pull(330, { shade: 7 })]);
    assert.deepEqual(ribbonOf(staged).tabs, [{ at: 300, tone: shadeTone(4) }]);
    // Nobody looked at it: it has the colour of the body where it was taken out.
    const unseen = ribbonOf(roastOf([...marked, pull(300, { all: false }), pull(330, { shade: 7 })]));
    assert.deepEqual(unseen.tabs, [{ at: 300, tone: toneAt(unseen.body, 300) }]);
  });
  it('speak without colour', () => {
    const staged = roastOf([
      ...marked,
      entry(200, { kind: 'crack', crack: 'first' }),
      pull(300, { all: false }),
      pull(330),
    ]);
    assert.equal(
      describeRibbon(ribbonOf(staged)),
      'yellow at 2:00, first crack at 4:00, pull at 5:30; 1 crack heard; part taken out at 5:00.',
    );
    assert.equal(describeRibbon(ribbonOf(roastOf([]))), 'nothing marked yet.');
  });
});

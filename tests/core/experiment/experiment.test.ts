import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  asDone,
  changeReminder,
  changeWords,
  type Experiment,
  experimentSchema,
  type NextChange,
  outcomeOf,
  ruleAsDone,
  samenessOf,
  scoreOfChanges,
  stateOf,
  withChange,
} from '@/core/experiment';
import { controlCatalogue } from '@/core/gear';
import { plainHousehold, writtenAs } from '@/core/household';
import type { Id } from '@/core/ids';
import type { Entry, PullRule } from '@/core/roast';
import { createFlight, type Flight, type FlightQuestion } from '@/core/taste';
import { countingRandom, entry, mark, pull, roastOf } from '../build.ts';

const written = writtenAs();
const lidOff: NextChange = {
  kind: 'move',
  control: 'lid',
  value: 'off',
  when: { kind: 'milestone', milestone: 'yellow' },
};
const A = 'roast:testaaaa' as Id<'roast'>;
const B = 'roast:testbbbb' as Id<'roast'>;
const a = roastOf([mark(120, 'yellow'), mark(240, 'firstCrack'), pull(320)], { id: A });
const b = roastOf(
  [mark(122, 'yellow'), entry(124, { kind: 'move', control: 'lid', value: 'off' }), mark(280, 'firstCrack'), pull(370)],
  { id: B },
);
const experiment = (facts: Partial<Experiment> = {}): Experiment => ({
  id: 'experiment:test0001' as Id<'experiment'>,
  question: 'Longer browning?',
  change: lidOff,
  aRoastId: A,
  createdAt: '2026-11-24T10:00:00.000Z',
  ...facts,
});

describe('a change', () => {
  it('reads as what to do', () => {
    const say = (change: NextChange) => changeWords(change, { method: 'hotAirPopper' }, written.weight);
    assert.equal(say(lidOff), 'lid off from yellow on');
    assert.equal(say({ kind: 'move', control: 'stir', when: { kind: 'at', atS: 120 } }), 'one more stir at 2:00');
    assert.equal(say({ kind: 'grams', byGrams: -10 }), '10 g less');
    assert.equal(say({ kind: 'pull', byS: 20 }), 'pull 20 s later');
    assert.equal(say({ kind: 'coolGear', minutes: 22.4 }), 'let the gear cool for 22 min');
    assert.match(say({ kind: 'care', care: 'shelter' }), /out of the wind/);
    assert.equal(
      changeWords(
        { kind: 'move', control: 'oven', value: 240, when: { kind: 'at', atS: 0 } },
        { method: 'oven' },
        written.weight,
      ),
      'oven to 240 °C from the start',
    );
  });
  it('is called out at the heat where no plan can hold it', () => {
    const said = (change: NextChange) => changeReminder(change, { method: 'hotAirPopper' });
    const atYellow = { kind: 'milestone' as const, milestone: 'yellow' as const };
    assert.deepEqual(said({ kind: 'heat', control: 'tilt', bySteps: -1, when: atYellow }), {
      when: atYellow,
      text: 'The one change: tilt a step lower than you had it from yellow on',
    });
    assert.deepEqual(said({ kind: 'care', care: 'stirMore' })?.when, { kind: 'at', atS: 0 });
    // The plan calls out a move, and shelter is sought before the beans go in.
    assert.deepEqual([lidOff, { kind: 'care', care: 'shelter' } as const].map(said), [undefined, undefined]);
  });
  it('is the only thing that differs in the next plan; the moves that were made are made again', () => {
    const stirred = roastOf([...a.entries, entry(40, { kind: 'move', control: 'stir' })], { id: A });
    const chosen = withChange(stirred, lidOff);
    assert.equal(chosen.greenGrams, 80);
    assert.deepEqual(chosen.plannedMoves, [
      { when: { kind: 'at', atS: 40 }, control: 'stir' },
      { when: { kind: 'milestone', milestone: 'yellow' }, control: 'lid', value: 'off' },
    ]);
    assert.equal(withChange(a, { kind: 'grams', byGrams: 15 }).greenGrams, 95);
    // Pulled 80 s after first crack; 20 s later is 100.
    assert.deepEqual(withChange(a, { kind: 'pull', byS: 20 }).pullRule, { kind: 'afterFirstCrack', seconds: 100 });
    // 13 s into second crack: half a minute sooner is before it, and goes by first crack.
    const dark = roastOf([mark(240, 'firstCrack'), mark(400, 'secondCrack'), pull(413)]);
    assert.deepEqual(
      [10, -30].map((byS) => withChange(dark, { kind: 'pull', byS }).pullRule),
      [
        { kind: 'intoSecondCrack', seconds: 25 },
        { kind: 'afterFirstCrack', seconds: 145 },
      ],
    );
    assert.equal(withChange(a, { kind: 'care', care: 'lighter' }).wantedShade, 3);
  });
  it('replaces the old move of the same control at that moment', () => {
    const was = roastOf([...a.entries, entry(125, { kind: 'move', control: 'heat', value: 8 })], { id: A });
    const chosen = withChange(was, {
      kind: 'move',
      control: 'heat',
      value: 6,
      when: { kind: 'milestone', milestone: 'yellow' },
    });
    assert.deepEqual(
      chosen.plannedMoves?.map(({ value }) => value),
      [6],
    );
  });
});

describe('a roast as it was done', () => {
  const by = (pullRule: PullRule | undefined, ...marks: Entry[]) => ruleAsDone({ entries: marks, pullRule });
  const firstCrack = mark(240, 'firstCrack');
  const cases: readonly (readonly [string, PullRule | undefined, PullRule | undefined])[] = [
    [
      'by hand, later than the rule said',
      by({ kind: 'afterFirstCrack', seconds: 80 }, firstCrack, pull(364)),
      { kind: 'afterFirstCrack', seconds: 124 },
    ],
    [
      'by the shade alone, in second crack',
      by(undefined, firstCrack, mark(400, 'secondCrack'), pull(413)),
      { kind: 'intoSecondCrack', seconds: 13 },
    ],
    ['by the shade alone', by(undefined, firstCrack, pull(320)), { kind: 'afterFirstCrack', seconds: 80 }],
    [
      'into second crack',
      by({ kind: 'intoSecondCrack', seconds: 30 }, firstCrack, mark(400, 'secondCrack'), pull(420)),
      { kind: 'intoSecondCrack', seconds: 20 },
    ],
    [
      'into second crack that was not marked',
      by({ kind: 'intoSecondCrack', seconds: 30 }, firstCrack, pull(420)),
      { kind: 'afterFirstCrack', seconds: 180 },
    ],
    [
      'at the first snaps, or well past them',
      by({ kind: 'firstSnaps' }, firstCrack, mark(400, 'secondCrack'), pull(425)),
      { kind: 'intoSecondCrack', seconds: 25 },
    ],
    ['at the first snaps', by({ kind: 'firstSnaps' }, mark(400, 'secondCrack'), pull(405)), { kind: 'firstSnaps' }],
    ['by colour', by({ kind: 'colour' }, firstCrack, pull(320)), { kind: 'colour' }],
    [
      'without any crack marked',
      by({ kind: 'afterFirstCrack', seconds: 80 }, pull(320)),
      { kind: 'afterFirstCrack', seconds: 80 },
    ],
  ];
  for (const [name, done, expected] of cases) it(`was pulled ${name}`, () => assert.deepEqual(done, expected));
  it('makes its moves again, and means the shade of the last part', () => {
    const staged = roastOf([...b.entries], {
      plannedParts: [
        { shade: 3, share: 0.5 },
        { shade: 5, share: 0.5 },
      ],
    });
    assert.equal(asDone(staged).wantedShade, 5);
    assert.deepEqual(
      asDone(b).plannedMoves?.map(({ control }) => control),
      ['lid'],
    );
  });
});

describe('what stayed the same', () => {
  it('is checked against both records', () => {
    assert.deepEqual(samenessOf(a, b, lidOff, written, []), { changed: true, also: [] });
    const other = { ...b, greenGrams: 100, ambientC: 2, gearHot: true as const };
    assert.deepEqual(samenessOf({ ...a, ambientC: 18 }, other, lidOff, written, []), {
      changed: true,
      also: ['you also used 20 g more', 'it was 16 °C colder', 'the gear was still hot the second time'],
    });
  });
  it('says so in the household’s own units and names', () => {
    const [here, there] = [
      { ...a, ambientC: 18 },
      { ...b, greenGrams: 100, ambientC: 2, wantedShade: 6 as const },
    ];
    const own = writtenAs({ ...plainHousehold, weightUnit: 'oz', temperatureUnit: 'F', shadeNames: 'traditional' });
    assert.deepEqual(samenessOf(here, there, lidOff, own, []).also, [
      'you also used 0.71 oz more',
      'you also wanted it vienna instead of full city',
      'it was 29 °F colder',
    ]);
  });
  it('says when the change was not made, or cannot tell', () => {
    assert.equal(samenessOf(a, { ...b, entries: a.entries }, lidOff, written, []).changed, false);
    assert.equal(samenessOf(a, b, { kind: 'grams', byGrams: -10 }, written, []).changed, false);
    // 80 s and 90 s after first crack: half of the 20 s that were meant.
    assert.equal(samenessOf(a, b, { kind: 'pull', byS: 20 }, written, []).changed, true);
    assert.equal(samenessOf(a, b, { kind: 'care', care: 'stirMore' }, written, []).changed, undefined);
  });
  it('a move that was not meant counts as another change', () => {
    assert.deepEqual(samenessOf(a, b, { kind: 'pull', byS: 10 }, written, []).also, ['you also set lid off']);
    assert.deepEqual(samenessOf(b, a, { kind: 'pull', byS: -10 }, written, []).also, ['you did not set lid off again']);
    const hotter = roastOf([entry(60, { kind: 'move', control: 'ovenF', value: 475 })]);
    const oven = [controlCatalogue.fahrenheit];
    assert.deepEqual(samenessOf(a, hotter, { kind: 'pull', byS: 10 }, written, oven).also, [
      'you also set oven 475 °F',
    ]);
    // It is what was asked for.
    const step = { kind: 'heat', control: 'ovenF', bySteps: 1, when: { kind: 'at', atS: 0 } } as const;
    assert.deepEqual(samenessOf(a, hotter, step, written, oven).also, []);
  });
  it('one more stir is one more than before; a setting is made near its moment', () => {
    const stirs = (...times: number[]) => roastOf(times.map((at) => entry(at, { kind: 'move', control: 'stir' })));
    const oneMore: NextChange = { kind: 'move', control: 'stir', when: { kind: 'at', atS: 120 } };
    const was = (first: number[], second: number[]) =>
      samenessOf(stirs(...first), stirs(...second), oneMore, written, []).changed;
    assert.deepEqual([was([60], [60, 120]), was([60, 120], [60, 120]), was([], [])], [true, false, false]);
    const flames = (...times: number[]) =>
      roastOf([mark(180, 'yellow'), ...times.map((at) => entry(at, { kind: 'move', control: 'flame', value: 5 }))]);
    const fromYellow: NextChange = { ...lidOff, control: 'flame', value: 5 } as NextChange;
    const set = (first: number[], second: number[]) =>
      samenessOf(flames(...first), flames(...second), fromYellow, written, []).changed;
    assert.deepEqual([set([60], [60]), set([60], [190]), set([], [300])], [false, true, true]);
  });
  it('a later pull was meant to come out darker, and not lighter', () => {
    const wanting = (wantedShade: 3 | 5) =>
      samenessOf(a, { ...b, entries: a.entries, wantedShade }, { kind: 'pull', byS: 15 }, written, []).also;
    assert.deepEqual([wanting(5), wanting(3)], [[], ['you also wanted it light-medium instead of medium']]);
  });
  it('of a staged roast counts what its last part was meant to be', () => {
    const plannedParts = [3, 5].map((shade) => ({ shade: shade as 3 | 5, share: 0.5 }));
    const staged = { ...a, wantedShade: 4 as const, plannedParts };
    const again = withChange(staged, { kind: 'care', care: 'lighter' });
    assert.equal(again.wantedShade, 4);
    const asMeant = { ...b, wantedShade: 5 as const };
    assert.deepEqual(samenessOf(staged, asMeant, lidOff, written, []).also, []);
    assert.equal(samenessOf(staged, { ...b, ...again }, { kind: 'care', care: 'lighter' }, written, []).changed, true);
  });
});

describe('the answer', () => {
  const flightFor = (
    question: FlightQuestion,
    picks: (flight: Flight, trial: number, codeOf: (cup: number) => string) => object,
    sheets = 8,
  ) => {
    const made = createFlight(
      {
        id: 'flight:test0001' as Id<'flight'>,
        question,
        contenders: [
          { name: 'Before', roastId: A },
          { name: 'After', roastId: B },
        ],
        tasters: Array(sheets).fill('Ada'),
        createdAt: '2026-11-24T10:00:00.000Z',
      },
      countingRandom(),
    );
    const trials = made.flight.trials.map((trial, i) => {
      const codeOf = (cup: number) =>
        Object.entries(made.key.trials[i] ?? {}).find(([, its]) => its === cup)?.[0] ?? '';
      return { ...trial, answeredAt: '2026-11-24T11:00:00.000Z', ...picks(made.flight, i, codeOf) };
    });
    return { flight: { ...made.flight, trials, endedAt: '2026-11-24T11:00:00.000Z' } as Flight, key: made.key };
  };
  const asked = experiment({ bRoastId: B });
  it('is that it helped when the changed one is preferred beyond chance, worse the other way round', () => {
    const better = flightFor('preference', (_, __, codeOf) => ({ picked: codeOf(1) }));
    assert.equal(outcomeOf(asked, better.flight, better.key)?.outcome, 'helped');
    const worse = flightFor('preference', (_, __, codeOf) => ({ picked: codeOf(0) }));
    assert.equal(outcomeOf(asked, worse.flight, worse.key)?.outcome, 'worse');
  });
  it('is no difference only where the sheets could have shown one: eight that split evenly are too few, thirty are not', () => {
    const even = (sheets: number) => {
      const { flight, key } = flightFor('preference', (_, i, codeOf) => ({ picked: codeOf(i % 2) }), sheets);
      return outcomeOf(asked, flight, key);
    };
    assert.deepEqual([even(8)?.outcome, even(8)?.shown, even(30)?.outcome], [undefined, false, 'noDifference']);
  });
  it('does not hang on what the cups are called', () => {
    const { flight, key } = flightFor('preference', (_, __, codeOf) => ({ picked: codeOf(1) }));
    const alike = flight.contenders.map((each) => ({ ...each, name: 'Lantern' }));
    assert.equal(outcomeOf(asked, { ...flight, contenders: alike }, key)?.outcome, 'helped');
  });
  it('a sheet without a score for one of the cups ranks nothing', () => {
    const { flight, key } = flightFor('rank', (_, i, codeOf) => ({
      scores: i === 0 ? { [codeOf(0)]: 9 } : { [codeOf(0)]: 5, [codeOf(1)]: 8 },
    }));
    assert.match(outcomeOf(asked, flight, key)?.sentence ?? '', /8\.0 against 5\.0/);
  });
  it('of scores says whether it may be chance; of other cups there is none', () => {
    const of = (sheets: number, after: number) => {
      const made = flightFor('rank', (_, __, codeOf) => ({ scores: { [codeOf(0)]: 5, [codeOf(1)]: after } }), sheets);
      return outcomeOf(asked, made.flight, made.key);
    };
    assert.deepEqual([of(4, 7.5)?.outcome, of(4, 7.5)?.shown], ['helped', false]);
    assert.match(of(4, 7.5)?.sentence ?? '', /^Scored 7\.5 against 5\.0 without it; that may well be chance\.$/);
    assert.deepEqual([of(8, 3)?.outcome, of(8, 3)?.shown], ['worse', true]);
    assert.match(of(8, 3)?.sentence ?? '', /unlikely to be chance, p = 0\.00\d\.$/);
    // Closer than half a point says something only where it is shown.
    assert.deepEqual([of(4, 5.3)?.outcome, of(8, 5.3)?.outcome], [undefined, 'helped']);
    const scored = flightFor('rank', (_, __, codeOf) => ({ scores: { [codeOf(0)]: 5, [codeOf(1)]: 7.5 } }));
    assert.equal(outcomeOf(experiment(), scored.flight, scored.key), undefined);
  });
  it('there is none while one of the two has no score at all', () => {
    const { flight, key } = flightFor('rank', (_, __, codeOf) => ({ scores: { [codeOf(0)]: 9 } }));
    assert.equal(outcomeOf(asked, flight, key), undefined);
  });
  it('of a part goes by the part where the cups say theirs, and by the roast where they do not', () => {
    const { flight, key } = flightFor('preference', (_, __, codeOf) => ({ picked: codeOf(1) }));
    const ofParts = experiment({ bRoastId: B, aPullId: 'entry:p1' as Id<'entry'>, bPullId: 'entry:p2' as Id<'entry'> });
    const saying = (a: string, b: string) => ({
      ...flight,
      contenders: flight.contenders.map((each, i) => ({ ...each, pullId: [a, b][i] as never })),
    });
    assert.equal(outcomeOf(ofParts, flight, key)?.outcome, 'helped');
    assert.equal(outcomeOf(asked, saying('entry:p1', 'entry:p2'), key)?.outcome, 'helped');
    assert.equal(outcomeOf(ofParts, saying('entry:p1', 'entry:p2'), key)?.outcome, 'helped');
    assert.equal(outcomeOf(ofParts, saying('entry:p2', 'entry:p1'), key), undefined);
  });
  it('of a triangle is only that nothing was told apart; what is liked better the person says', () => {
    const odd = (right: boolean) =>
      flightFor(
        'triangle',
        (flight, i, codeOf) => {
          const codes = flight.trials[i]?.codes ?? [];
          const counts = [0, 1].map((cup) => codes.filter((code) => code === codeOf(cup)).length);
          const is = codeOf((counts[0] ?? 0) < (counts[1] ?? 0) ? 0 : 1);
          return { picked: right ? is : codes.find((code) => code !== is) };
        },
        30,
      );
    const none = odd(false);
    assert.deepEqual(
      (({ outcome, shown }) => ({ outcome, shown }))(outcomeOf(asked, none.flight, none.key) ?? ({} as never)),
      { outcome: 'noDifference', shown: false },
    );
  });
  it('goes from the roast to the flight to the answer', () => {
    assert.equal(stateOf(experiment(), undefined), 'toRoast');
    assert.equal(stateOf(asked, undefined), 'toTaste');
    assert.equal(stateOf(asked, {} as Flight), 'tasting');
    assert.equal(stateOf({ ...asked, outcome: 'helped' }, undefined), 'answered');
  });
  it('adds up by question, the most helpful first', () => {
    const score = scoreOfChanges([
      experiment({ question: 'More heat?', outcome: 'worse' }),
      experiment({ outcome: 'helped' }),
      experiment({ outcome: 'noDifference' }),
      experiment({ question: 'Open?' }),
    ]);
    assert.deepEqual(score, [
      { question: 'Longer browning?', record: { helped: 1, worse: 0, noDifference: 1 }, times: 2 },
      { question: 'More heat?', record: { helped: 0, worse: 1, noDifference: 0 }, times: 1 },
    ]);
  });
  it('is stored in the open file’s shape', () => {
    assert.deepEqual(experimentSchema.parse(asked), asked);
    assert.equal(experimentSchema.safeParse({ ...asked, change: { kind: 'grams' } }).success, false);
  });
});

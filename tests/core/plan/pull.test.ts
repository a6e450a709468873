import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { expectationFor, forecastFrom, pullAt, weatherWord } from '@/core/forecast';
import { methodIds } from '@/core/gear';
import {
  differencesFrom,
  equalParts,
  messSentence,
  preflightFor,
  pullSchools,
  ruleWords,
  schoolOf,
  schoolsFor,
  stagedParts,
  stagedShades,
} from '@/core/plan';
import { pullRuleSchema } from '@/core/roast';
import { shadeNumbers } from '@/core/shade';
import { formatWeight } from '@/core/units';
import { entry, mark, pull, roastOf } from '../build.ts';

const at = (seconds: number) => ({ medianS: seconds, earlyS: seconds - 10, lateS: seconds + 10 });
const anchors = { firstCrack: at(240), firstCrackEnd: at(300), secondCrack: at(344), byShade: at(320) };

describe('pull rules', () => {
  it('count from what they name', () => {
    const when = (rule: Parameters<typeof pullAt>[0], shade: 4 | 6 = 6) => pullAt(rule, shade, anchors).medianS;
    assert.equal(when({ kind: 'afterFirstCrack', seconds: 75 }), 315);
    assert.equal(when({ kind: 'afterFirstCrackEnd', seconds: 20 }), 320);
    assert.equal(when({ kind: 'firstSnaps' }), 336);
    assert.equal(when({ kind: 'intoSecondCrack', seconds: 25 }), 369);
    // Half of the 27 °C between the cracks is half of the 104 s between them.
    assert.equal(when({ kind: 'probe', degreesPast: 13.5 }), 292);
    assert.equal(when({ kind: 'colour' }), 320);
    assert.equal(when(undefined), 320);
  });
  it('give way to the guard: a medium roast is out when second crack begins, whatever the rule says', () => {
    assert.deepEqual(pullAt({ kind: 'afterFirstCrack', seconds: 300 }, 4, anchors), { ...at(344), by: 'guard' });
    assert.equal(pullAt({ kind: 'afterFirstCrack', seconds: 75 }, 4, anchors).by, 'rule');
    // Who counts the seconds of second crack has said how many.
    assert.deepEqual(pullAt({ kind: 'intoSecondCrack', seconds: 34 }, 5, anchors), { ...at(378), by: 'rule' });
    assert.deepEqual(pullAt({ kind: 'afterFirstCrack', seconds: 300 }, 5, anchors), { ...at(369), by: 'guard' });
  });
  it('are offered where they make sense', () => {
    const kinds = (method: (typeof methodIds)[number], shade: 2 | 4 | 6, probe = false) =>
      schoolsFor({ method, probe: probe ? { name: 'Thin probe', unit: 'C' } : undefined }, shade).map(
        ({ kind }) => kind,
      );
    assert.deepEqual(kinds('hotAirPopper', 4), ['afterFirstCrack', 'colour', 'smell']);
    assert.deepEqual(kinds('oven', 4, true), ['afterFirstCrack', 'colour', 'probe']);
    assert.deepEqual(kinds('pan', 4), ['afterFirstCrack', 'afterFirstCrackEnd', 'firstSnaps', 'colour', 'smell']);
    assert.deepEqual(kinds('pan', 6), ['intoSecondCrack', 'colour', 'smell']);
  });
  it('always leave colour, begin with figures that are valid, and are said in words', () => {
    for (const method of methodIds)
      for (const shade of shadeNumbers) {
        const offered = schoolsFor({ method, probe: undefined }, shade);
        assert.ok(offered.some(({ kind }) => kind === 'colour'));
        for (const { usual } of offered) pullRuleSchema.parse(usual(shade, 120));
      }
    const degrees = (celsius: number) => `${celsius} °C`;
    assert.deepEqual(
      pullSchools.map(({ usual }) => ruleWords(usual(5, 80), degrees)),
      [
        '105 s after first crack',
        '40 s after first crack ends',
        'at the first snaps of second crack',
        '5 s into second crack',
        'by colour',
        '27 °C past first crack',
        'by smell',
      ],
    );
    assert.equal(ruleWords({ kind: 'afterFirstCrackEnd', seconds: 0 }, degrees), 'as first crack ends');
    const after = (seconds: number) => ruleWords({ kind: 'afterFirstCrack', seconds }, degrees);
    assert.deepEqual([119, 120, 314].map(after), [
      '119 s after first crack',
      '2:00 after first crack',
      '5:14 after first crack',
    ]);
    assert.match(schoolOf('smell').school, /^By smell/);
  });
  it('move the forecast: the pull follows first crack once it is marked', () => {
    const rule = { kind: 'afterFirstCrack' as const, seconds: 60 };
    const expectation = expectationFor(
      { method: 'hotAirPopper', gearId: 'gear:a', lotId: 'lot:a', process: 'washed', greenGrams: 80, shade: 4, rule },
      [],
    );
    assert.ok(Math.abs(expectation.usualTimes.pull.medianS - 300) < 6);
    const pullForecast = forecastFrom(expectation, { yellow: 130, firstCrack: 262 }, 270).find(
      ({ milestone }) => milestone === 'pull',
    );
    const { earlyS = 0, lateS = 0, ...moment } = pullForecast ?? {};
    assert.deepEqual(moment, { milestone: 'pull', by: 'rule', meantS: 322, medianS: 322 });
    // The hand is not known yet: some seconds to either side.
    assert.ok(322 - earlyS > 5 && 322 - earlyS < 20 && Math.abs(earlyS + lateS - 644) < 1e-9, `${earlyS} to ${lateS}`);
  });
});

describe('conditions', () => {
  it('get a word outside the comfortable range only', () => {
    assert.equal(weatherWord({ ambientC: 15, wind: 'calm' }, 'hotAirPopper'), undefined);
    assert.equal(weatherWord({ ambientC: 32 }, 'hotAirPopper'), undefined);
    assert.equal(weatherWord({}, 'pan'), undefined);
    assert.match(weatherWord({ ambientC: 14 }, 'hotAirPopper') ?? '', /^Cold: it may stop short of first crack/);
    assert.match(weatherWord({ ambientC: 14 }, 'smallDrum') ?? '', /^Cold: expect it slower/);
    assert.match(weatherWord({ ambientC: 33 }, 'hotAirPopper') ?? '', /cut-out may trip/);
    assert.match(weatherWord({ ambientC: 33 }, 'oven') ?? '', /^Hot: expect it sooner/);
    assert.match(weatherWord({ ambientC: 15, wind: 'strong' }, 'pan') ?? '', /^A strong wind/);
  });
});

describe('a staged pull', () => {
  it('takes neighbours of the wanted shade, inside the scale', () => {
    assert.deepEqual(stagedShades(4, 3), [3, 4, 5]);
    assert.deepEqual(stagedShades(1, 4), [1, 2, 3, 4]);
    assert.deepEqual(stagedShades(7, 2), [6, 7]);
    assert.throws(() => stagedShades(4, 5), { message: 'count must be 2 to 4 parts, got 5' });
  });
  it('weighs its parts by each shade’s own loss', () => {
    const loss = { meanPercent: 15.7, sdPercent: 1, fromGear: 3, fromGearAndLot: 1 };
    const parts = stagedParts(240, equalParts([3, 4, 5]), 4, loss);
    // The gear loses a point more than the table: 14.5, 15.7 and 17.2 % of 80 g each.
    assert.deepEqual(
      parts.map(({ roastedGrams }) => Number(roastedGrams.toFixed(2))),
      [68.4, 67.44, 66.24],
    );
  });
});

describe('before the beans go in', () => {
  it('shows five lines that matter here', () => {
    for (const method of methodIds)
      for (const place of ['indoors', 'outdoors'] as const) assert.equal(preflightFor({ method }, place).length, 5);
    const keys = (method: (typeof methodIds)[number], place: 'indoors' | 'outdoors') =>
      preflightFor({ method }, place).map(({ key }) => key);
    assert.equal(keys('hotAirPopper', 'indoors')[0], 'smokeOut');
    assert.ok(!keys('hotAirPopper', 'outdoors').includes('smokeOut'));
    assert.ok(keys('heatGun', 'outdoors').includes('gunRest'));
    assert.ok(keys('pan', 'indoors').includes('noCoating'));
  });
  it('says what smoke and chaff to expect', () => {
    const mess = (method: 'hotAirPopper' | 'pan' | 'oven', shade: 4 | 5 | 6, grams: number, unit: 'g' | 'oz' = 'g') =>
      messSentence(method, shade, grams, (each) => formatWeight(each, unit));
    assert.match(mess('pan', 4, 240, 'oz'), /about 0.11 oz of chaff/);
    assert.equal(
      mess('hotAirPopper', 4, 80),
      'A little smoke after first crack; about 1 g of chaff, which blows out: catch it.',
    );
    assert.match(mess('pan', 6, 200), /^Thick smoke from second crack on; about 2 g of chaff, which stays in/);
    assert.match(mess('oven', 5, 200), /^Smoke towards the end/);
    assert.match(mess('pan', 4, 200), /^Some smoke/);
  });
  it('finds what is planned otherwise than last time', () => {
    const last = roastOf([entry(100, { kind: 'move', control: 'lid', value: 'off' }), pull(320)]);
    assert.deepEqual(differencesFrom(last, last), []);
    const moves = [
      { when: { kind: 'milestone' as const, milestone: 'yellow' as const }, control: 'lid', value: 'off' },
      { when: { kind: 'at' as const, atS: 60 }, control: 'stir' },
    ];
    const found = differencesFrom(last, {
      ...last,
      greenGrams: 90,
      wantedShade: 5,
      place: 'indoors',
      plannedMoves: moves,
    });
    assert.deepEqual(
      found.map(({ kind }) => kind),
      ['grams', 'shade', 'move', 'place'],
    );
    assert.deepEqual(differencesFrom(last, { ...last, greenGrams: 81 }), [], 'a gram is no change');
    const others = differencesFrom(last, {
      ...last,
      lotId: 'lot:zzzzzzzzzzzz' as never,
      gearId: 'gear:zzzzzzzzzzzz' as never,
    });
    assert.deepEqual(others, [{ kind: 'lot' }, { kind: 'gear' }], 'beans and gear that were put away are other ones');
  });
  it('goes by what was done then, not by what had been planned', () => {
    const rule = (seconds: number) => ({ kind: 'afterFirstCrack' as const, seconds });
    const last = roastOf([mark(240, 'firstCrack'), pull(364)], { pullRule: rule(80) });
    const said = (seconds: number) => differencesFrom(last, { ...last, pullRule: rule(seconds) }).length;
    assert.deepEqual([124, 126, 80].map(said), [0, 0, 1]);
    const plannedParts = [3, 5].map((shade) => ({ shade: shade as 3 | 5, share: 0.5 }));
    const staged = { ...last, plannedParts };
    assert.deepEqual(differencesFrom(staged, { ...last, pullRule: undefined, wantedShade: 5 }), []);
  });
});

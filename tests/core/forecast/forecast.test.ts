import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  expectationFor,
  type ForecastQuestion,
  forecastFrom,
  GaussianFit,
  knownOrExpected,
  lengthFrom,
  loosenessOf,
  type PastRoast,
  packRows,
} from '@/core/forecast';
import { type MethodId, methodIds, methodOf } from '@/core/gear';
import { shadeNumbers } from '@/core/shade';

const ask = (method: MethodId = 'hotAirPopper', facts: Partial<ForecastQuestion> = {}): ForecastQuestion => ({
  method,
  gearId: 'gear:a',
  lotId: 'lot:a',
  process: 'washed',
  greenGrams: methodOf(method).batchGrams.usual,
  shade: 4,
  ...facts,
});
const past = (firstCrack: number, facts: Partial<PastRoast> = {}): PastRoast => ({
  ...ask(),
  reached: { yellow: firstCrack / 2, firstCrack, pull: firstCrack + 80 },
  ...facts,
});
const near = (value: number | undefined, expected: number, within: number) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('before there are roasts', () => {
  it('the expectation is handbook table 4, medium as it stands there, on every method', () => {
    for (const id of methodIds) {
      const { usualTimes, fromRoasts } = expectationFor(ask(id), []);
      const { yellow, firstCrack, pull } = methodOf(id);
      near(usualTimes.yellow.medianS / yellow.medianS, 1, 0.03);
      near(usualTimes.firstCrack.medianS / firstCrack.medianS, 1, 0.03);
      near(usualTimes.pull.medianS / pull.medianS, 1, 0.03);
      near(usualTimes.firstCrack.lateS / firstCrack.lateS, 1, 0.2);
      assert.equal(fromRoasts, 0);
    }
  });
  it('it pulls later the darker it is wanted, and every range lies round its middle', () => {
    for (const id of methodIds) {
      const all = shadeNumbers.map((shade) => expectationFor(ask(id, { shade }), []).usualTimes);
      for (let i = 1; i < all.length; i++) assert.ok((all[i]?.pull.medianS ?? 0) > (all[i - 1]?.pull.medianS ?? 0));
      for (const at of all)
        for (const { earlyS, medianS, lateS } of Object.values(at)) assert.ok(earlyS <= medianS && medianS <= lateS);
    }
  });
  it('a usual batch of nothing is none that anybody said', () => {
    const said = (usualGrams?: number) =>
      expectationFor(ask('oven', { usualGrams, greenGrams: 300 }), []).usualTimes.pull.medianS;
    assert.equal(said(0), said());
    assert.notEqual(said(200), said());
  });
  it('circumstances move it the way handbook section 4 says', () => {
    const first = (method: MethodId, facts: Partial<ForecastQuestion>) =>
      expectationFor(ask(method, facts), []).usualTimes.firstCrack.medianS;
    const usual = first('pan', {});
    assert.ok(first('pan', { greenGrams: 200 }) > usual, 'a bigger batch slows gear that heats by contact');
    assert.ok(first('hotAirPopper', { greenGrams: 105 }) < first('hotAirPopper', {}), 'and runs faster in hot air');
    assert.ok(first('pan', { ambientC: 2 }) > usual && first('pan', { wind: 'strong' }) > usual);
    assert.ok(first('pan', { gearHot: true }) < usual && first('pan', { heat: 1.3 }) < usual);
  });
});

describe('learning', () => {
  it('moves to this gear’s own times roast by roast, and grows surer', () => {
    const at = (count: number) =>
      expectationFor(
        ask(),
        Array.from({ length: count }, () => past(310)),
      ).usualTimes.firstCrack;
    const [none, one, five, thirty] = [at(0), at(1), at(5), at(30)] as const;
    assert.ok(one.medianS > none.medianS + 30, 'the first roast counts already');
    near(thirty.medianS, 310, 3);
    assert.ok(
      thirty.lateS - thirty.earlyS < five.lateS - five.earlyS && five.lateS - five.earlyS < none.lateS - none.earlyS,
    );
  });
  it('is not spoiled by one mis-marked roast', () => {
    const sound = Array.from({ length: 8 }, (_, i) => past(300 + (i % 3) * 4));
    const spoiled = expectationFor(ask(), [...sound, past(150)]).usualTimes.firstCrack.medianS;
    near(spoiled, 304, 9);
  });
  it('is not spoiled by one absurd record, wherever it stands among few good ones', () => {
    const good = [540, 530, 548, 536, 545].map((s) => past(s, ask('stovetopPopper')));
    const without = expectationFor(ask('stovetopPopper'), good).usualTimes;
    for (const absurd of [5, 60, 3000])
      for (const all of [
        [past(absurd, ask('stovetopPopper')), ...good],
        [...good, past(absurd, ask('stovetopPopper'))],
      ]) {
        const spoiled = expectationFor(ask('stovetopPopper'), all).usualTimes;
        for (const milestone of ['firstCrack', 'pull'] as const) {
          const [a, b] = [without[milestone], spoiled[milestone]];
          near(b.medianS / a.medianS, 1, 0.03);
          assert.ok(b.lateS - b.earlyS <= 1.5 * (a.lateS - a.earlyS), `${absurd} s, ${milestone}`);
        }
      }
  });
  it('hears how long ago the gear was hot, to the minute', () => {
    const first = (facts: Partial<ForecastQuestion>) =>
      expectationFor(ask('pan', facts), []).usualTimes.firstCrack.medianS;
    const all = [3, 8, 20, 60, undefined].map((sinceMin) => first(sinceMin === undefined ? {} : { sinceMin }));
    for (let i = 1; i < all.length; i++) assert.ok((all[i] ?? 0) >= (all[i - 1] ?? 0), all.join());
    near(first({ sinceMin: 600 }), first({}), 1e-9);
    assert.ok(first({ sinceMin: 0, gearHot: true }) < first({ gearHot: true }), 'the minutes outrank a tick');
  });
  it('learns what weight does on this gear, and carries it to another lot', () => {
    const roasts = Array.from({ length: 24 }, (_, i) => {
      const greenGrams = 70 + (i % 5) * 10;
      return past(300 * (greenGrams / 80) ** -0.6, { greenGrams, lotId: `lot:${i % 4}` });
    });
    const light = expectationFor(ask('hotAirPopper', { greenGrams: 70, lotId: 'lot:new' }), roasts).usualTimes
      .firstCrack.medianS;
    near(light, 300 * (70 / 80) ** -0.6, 10);
  });
  it('hears a roast whose pull nobody marked, as far as it goes', () => {
    const bare = { ...past(300), reached: { yellow: 150, firstCrack: 300 } };
    const { usualTimes } = expectationFor(ask(), [bare, bare]);
    assert.ok(usualTimes.firstCrack.medianS > expectationFor(ask(), []).usualTimes.firstCrack.medianS);
    assert.ok(Number.isFinite(usualTimes.pull.medianS));
  });
  it('stays apart between pieces of gear', () => {
    const other = Array.from({ length: 20 }, () => past(200, { gearId: 'gear:b' }));
    near(expectationFor(ask(), other).usualTimes.firstCrack.medianS, 240, 8);
  });
});

describe('during the roast', () => {
  const expectation = expectationFor(ask(), []);
  it('a slow yellow makes first crack later, a fast one sooner', () => {
    const first = (yellow: number) => forecastFrom(expectation, { yellow }, yellow + 1)[0]?.medianS ?? 0;
    assert.ok(first(150) > 150 + 125 && first(100) < 100 + 115, `${first(150)} and ${first(100)}`);
  });
  it('narrows as less is left', () => {
    const width = (reached: Parameters<typeof forecastFrom>[1], nowS: number) => {
      const pull = forecastFrom(expectation, reached, nowS).at(-1);
      return (pull?.lateS ?? 0) - (pull?.earlyS ?? 0);
    };
    assert.ok(width({ yellow: 120, firstCrack: 240 }, 241) < width({ yellow: 120 }, 121));
    assert.ok(width({ yellow: 120 }, 121) < width({}, 0));
  });
  it('time that passes without a mark moves it on, and it never names a time that has passed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 4000, noNaN: true }),
        fc.constantFrom({}, { yellow: 100 }, { yellow: 90, firstCrack: 260 }, { firstCrack: 260, firstCrackEnd: 300 }),
        fc.constantFrom<ForecastQuestion['rule']>(
          undefined,
          { kind: 'afterFirstCrack', seconds: 60 },
          { kind: 'intoSecondCrack', seconds: 20 },
        ),
        (nowS, reached, rule) => {
          for (const { earlyS, medianS, lateS } of forecastFrom(
            expectationFor(ask('pan', { rule }), []),
            reached,
            nowS,
          ))
            assert.ok(nowS <= earlyS && earlyS <= medianS && medianS <= lateS && Number.isFinite(lateS));
        },
      ),
      { seed: 6, numRuns: 60 },
    );
    const later = forecastFrom(expectation, { yellow: 120 }, 300)[0];
    assert.ok((later?.medianS ?? 0) > 305);
  });
  it('hears a probe as a second opinion', () => {
    const alone = forecastFrom(expectation, { yellow: 120 }, 180)[0];
    const sure = forecastFrom(expectation, { yellow: 120 }, 180, { mean: Math.log(40), sd: 0.1, freedom: 10 })[0];
    near(sure?.medianS, 222, 6);
    assert.ok((sure?.lateS ?? 0) - (sure?.earlyS ?? 0) < (alone?.lateS ?? 0) - (alone?.earlyS ?? 0));
  });
  it('leaves out what was skipped, and everything once pulled', () => {
    assert.deepEqual(
      forecastFrom(expectation, { firstCrack: 250 }, 251).map(({ milestone }) => milestone),
      ['firstCrackEnd', 'secondCrack', 'pull'],
    );
    assert.deepEqual(forecastFrom(expectation, { pull: 320 }, 330), []);
    const known = knownOrExpected({ yellow: 111 }, forecastFrom(expectation, { yellow: 111 }, 112));
    assert.ok(known.yellow === 111 && (known.firstCrack ?? 0) > 200);
  });
});

describe('how wide the ranges are', () => {
  const edge = 1.4026;
  it('stays as it is without roasts, and where as many missed as should', () => {
    near(loosenessOf([], 7), 1, 0);
    const asTheyShould = Array.from({ length: 500 }, (_, i) => ((i + 0.5) / 500) * (edge / 0.8));
    near(loosenessOf(asTheyShould, 7), 1, 0.01);
  });
  it('grows with misses and shrinks without, the more roasts the further', () => {
    const wide = (count: number) =>
      loosenessOf(
        Array.from({ length: count }, () => 2 * edge),
        7,
      );
    assert.ok(wide(1) > 1 && wide(5) > wide(1) && wide(200) < 2);
    near(wide(6), Math.SQRT2, 0.01);
    assert.ok(loosenessOf([0.1, 0.1, 0.1], 7) < 1);
  });
  it('is narrower for a steady household than for an unsteady one', () => {
    const roasts = (jitter: number) =>
      Array.from({ length: 30 }, (_, i) => past(240 * (1 + jitter * Math.sin(i * 2.4))));
    const width = (jitter: number) => {
      const { lateS, earlyS } = expectationFor(ask(), roasts(jitter)).usualTimes.firstCrack;
      return lateS / earlyS;
    };
    assert.ok(width(0.02) < width(0.15));
  });
});

describe('a long history', () => {
  it('is learned from 200 roasts, those on the gear itself before the others', () => {
    const other = Array.from({ length: 400 }, () => past(400, { gearId: 'gear:b' }));
    const own = Array.from({ length: 5 }, () => past(300));
    near(expectationFor(ask(), [...other, ...own]).usualTimes.firstCrack.medianS, 300, 12);
    // Newest first: what the gear did long ago is past.
    const changed = [...Array.from({ length: 200 }, () => past(300)), ...Array.from({ length: 200 }, () => past(200))];
    near(expectationFor(ask(), changed).usualTimes.firstCrack.medianS, 300, 4);
  });
});

describe('the closed form', () => {
  const prior = { mean: Float64Array.of(5.4, 0.3), sd: Float64Array.of(0.3, 0.3), noiseSd: 0.1, noiseWorth: 1e9 };
  it('agrees with a small numeric integration over both coefficients', () => {
    // Light noise worth so much that it stays as it is, and values near the line, so that no weight falls.
    const observations = [
      {
        features: [
          [0, 1],
          [1, -0.2],
        ] as const,
        value: 5.45,
      },
      {
        features: [
          [0, 1],
          [1, 0.1],
        ] as const,
        value: 5.56,
      },
      {
        features: [
          [0, 1],
          [1, 0.3],
        ] as const,
        value: 5.6,
      },
    ];
    const fit = new GaussianFit(prior, packRows(observations));
    const weights = observations.map((_, i) => fit.residual(i).weight);
    let [mass, sum0, sum1] = [0, 0, 0];
    for (let a = 4.2; a <= 6.6; a += 0.01)
      for (let b = -1.2; b <= 1.8; b += 0.01) {
        let log = -(((a - 5.4) / 0.3) ** 2) / 2 - ((b - 0.3) / 0.3) ** 2 / 2;
        observations.forEach(({ features: [, [, x]], value }, i) => {
          log -= ((weights[i] as number) * ((value - a - b * x) / 0.1) ** 2) / 2;
        });
        const weight = Math.exp(log);
        mass += weight;
        sum0 += weight * a;
        sum1 += weight * b;
      }
    near(fit.coefficient(0), sum0 / mass, 0.004);
    near(fit.coefficient(1), sum1 / mass, 0.004);
  });
  it('without observations is the prior', () => {
    const { mean, sd } = new GaussianFit(prior, packRows([])).predict([[0, 1]]);
    near(mean, 5.4, 1e-9);
    near(sd, Math.hypot(0.3, 0.1), 1e-9);
    assert.throws(() => new GaussianFit(prior, packRows([])).residual(0), {
      message: 'i must be below 0 observations, got 0',
    });
  });
  it('knows by how much an observation would have been missed without it', () => {
    // A flat prior and one coefficient: the mean of the others misses by off · n / (n − 1).
    const flat = { mean: Float64Array.of(0), sd: Float64Array.of(1e3), noiseSd: 0.1, noiseWorth: 1e9 };
    const values = [5.38, 5.4, 5.44, 5.42];
    const fit = new GaussianFit(flat, packRows(values.map((value) => ({ features: [[0, 1]], value }))));
    const others = (5.38 + 5.4 + 5.42) / 3;
    // Light weights differ from 1 by a few per cent.
    near(fit.miss(2), (5.44 - others) / (0.1 * Math.sqrt(4 / 3)), 0.03);
  });
  it('of a length that has lasted some time already is cut, and never ends before', () => {
    const prediction = { mean: Math.log(100), sd: 0.2, freedom: 1e9 };
    near(lengthFrom(prediction).medianS, 100, 1e-6);
    near(lengthFrom(prediction).lateS, 100 * Math.exp(0.2 * 1.2815516), 1e-3);
    // Half of the distribution is gone: the median of what is left is its upper quartile.
    near(lengthFrom(prediction, 100).medianS, 100 * Math.exp(0.2 * 0.6744898), 1e-3);
    assert.ok(lengthFrom(prediction, 400).earlyS >= 400);
  });
});

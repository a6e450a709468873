import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { seededRandom } from '@/core/chance';
import { controlCatalogue, type MethodId, methodIds, methodOf } from '@/core/gear';
import { crackOnsets } from '@/core/roast';
import { shadeNumbers, shadeOf } from '@/core/shade';
import {
  beanC,
  brownedToC,
  type Drive,
  integrateInPlace,
  manyHouseholds,
  ratesInto,
  rungeKuttaInPlace,
  S,
  Simulation,
  type SimulationSetUp,
  STATE_SIZE,
  shadeAtC,
  shadeC,
  simulateRoast,
  specificHeat,
  toneAtC,
} from '@/core/simulate';

const setUp = (method: MethodId, facts: Partial<SimulationSetUp> = {}): SimulationSetUp => ({
  method,
  controls: methodOf(method).controls,
  lot: { process: 'washed' },
  greenGrams: methodOf(method).batchGrams.usual,
  ...facts,
});
const medium = (method: MethodId, facts: Partial<SimulationSetUp> = {}, seed = 1) =>
  simulateRoast(setUp(method, facts), { shade: 4 }, seededRandom(seed));
const near = (value: number | undefined, expected: number, within: number, what = '') =>
  assert.ok(
    value !== undefined && Math.abs(value - expected) <= within,
    `${what} ${value}, expected ${expected} ± ${within}`,
  );

const drive: Drive = {
  dryKg: 0.2,
  greenKg: 0.225,
  metalW: 500,
  gasC: 250,
  gasWPerK: 0.8,
  contactWPerK: 1.2,
  gearJPerK: 600,
  lossWPerK: 1,
  ambientC: 20,
  wallShare: 0,
  size: 1,
};
const stateAt = (celsius: number, moisture: number, gear: number) => {
  const state = new Float64Array(STATE_SIZE);
  state.set([celsius, celsius, moisture, 0, 0, 0, gear]);
  return state;
};

describe('the physics', () => {
  it('balances: heat in is heat stored, heat of vaporisation and losses, less what the reaction gives', () => {
    const state = stateAt(150, 0.09, 210);
    const rates = new Float64Array(STATE_SIZE);
    ratesInto(rates, state, drive);
    const cp = specificHeat(150, 0.09);
    const stored = drive.dryKg * cp * (0.3 * (rates[S.shell] as number) + 0.7 * (rates[S.core] as number));
    const vapour = drive.dryKg * -(rates[S.moisture] as number) * 2.79e6;
    const reaction = drive.dryKg * 0.7 * 0 + drive.dryKg * (rates[S.reacted] as number);
    const intoBeans = drive.gasWPerK * (250 - 150) + drive.contactWPerK * (210 - 150);
    near(stored + vapour - reaction, intoBeans, 1e-6 * intoBeans);
    const gear = (rates[S.gear] as number) * drive.gearJPerK;
    near(gear, 500 - 1 * (210 - 20) - drive.contactWPerK * (210 - 150), 1e-9);
  });
  it('converges: a step of a second is as good as sixty-four smaller ones', () => {
    const [coarse, fine] = [stateAt(20, 0.124, 180), stateAt(20, 0.124, 180)];
    for (let s = 0; s < 500; s++) {
      rungeKuttaInPlace(coarse, drive, 1);
      for (let i = 0; i < 64; i++) rungeKuttaInPlace(fine, drive, 1 / 64);
    }
    near(beanC(coarse), beanC(fine), 1e-3);
    near(coarse[S.gear], fine[S.gear] as number, 1e-3);
  });
  it('is of fourth order: half the step, a sixteenth of the error', () => {
    const after = (step: number) => {
      const state = stateAt(20, 0.124, 180);
      for (let t = 0; t < 64; t += step) rungeKuttaInPlace(state, drive, step);
      return beanC(state);
    };
    const truth = after(1 / 16);
    const ratio = Math.abs(after(8) - truth) / Math.abs(after(4) - truth);
    assert.ok(ratio > 10 && ratio < 28, `ratio ${ratio}`);
  });
  it('parts a step that is too coarse', () => {
    const fierce = { ...drive, gearJPerK: 3, contactWPerK: 40, lossWPerK: 30 };
    assert.ok(integrateInPlace(stateAt(20, 0.124, 180), fierce, 1) > 2);
    assert.equal(integrateInPlace(stateAt(20, 0.124, 180), drive, 1), 2);
  });
});

describe('the methods', () => {
  for (const id of methodIds)
    it(`${methodOf(id).name} comes out as handbook table 4 has it`, () => {
      const { yellow, firstCrack, pull } = methodOf(id);
      const roast = medium(id);
      near(roast.yellow, yellow.medianS, yellow.medianS * 0.12, 'yellow');
      near(roast.firstCrack, firstCrack.medianS, firstCrack.medianS * 0.12, 'first crack');
      near(roast.pull, pull.medianS, pull.medianS * 0.1, 'pull');
      const random = seededRandom(21);
      const times = Array.from({ length: 100 }, () => {
        const its = manyHouseholds(id, undefined, random);
        return simulateRoast(its, { afterFirstCrackS: 1, limitS: 2400 }, random).firstCrack ?? 2400;
      }).sort((a, b) => a - b);
      near((times[10] ?? 0) / firstCrack.earlyS, 1, 0.3, 'a tenth are earlier:');
      near((times[89] ?? 0) / firstCrack.lateS, 1, 0.3, 'a tenth are later:');
    });
  it('lose weight as handbook table 5 has it', () => {
    for (const shade of shadeNumbers) {
      const { mean, sd } = shadeOf(shade).lossPercent;
      const roast = simulateRoast(setUp('stovetopPopper'), { shade }, seededRandom(2));
      near(roast.end.lossPercent, mean, 1.3 * sd, `shade ${shade}:`);
    }
  });
});

describe('what shifts the times (handbook, section 4)', () => {
  const first = (method: MethodId, facts: Partial<SimulationSetUp>) => medium(method, facts).firstCrack ?? Number.NaN;
  it('a bigger batch slows contact and flame, and runs faster in hot air', () => {
    for (const id of ['stovetopPopper', 'pan', 'shaken', 'oven', 'smallDrum'] as const)
      assert.ok(first(id, { greenGrams: methodOf(id).batchGrams.usual * 1.2 }) > first(id, {}), id);
    assert.ok(first('hotAirPopper', { greenGrams: 100 }) < first('hotAirPopper', {}));
  });
  it('until it stops moving and scorches', () => {
    const lifted = medium('hotAirPopper');
    const stuck = medium('hotAirPopper', { greenGrams: 160 });
    assert.ok(stuck.end.movement < 0.8 && stuck.end.scorched > lifted.end.scorched);
  });
  it('cold, wind and low mains slow everything; hot gear speeds it up', () => {
    for (const id of methodIds) {
      const usual = first(id, {});
      assert.ok(first(id, { ambientC: 2 }) > usual, `${id}, cold`);
      assert.ok(first(id, { wind: 'strong' }) > usual, `${id}, wind`);
      assert.ok(first(id, { supply: 0.95 }) > usual, `${id}, low mains`);
      assert.ok(first(id, { minutesSinceLast: 1 }) <= usual, `${id}, hot`);
    }
    assert.ok(first('hotAirPopper', { minutesSinceLast: 2 }) < first('hotAirPopper', {}) - 3);
  });
  it('dry and light beans go faster', () => {
    const usual = first('stovetopPopper', {});
    assert.ok(first('stovetopPopper', { lot: { process: 'washed', moisturePercent: 9 } }) < usual);
    assert.ok(first('stovetopPopper', { lot: { process: 'washed', gramsPerMl: 0.63 } }) < usual);
  });
});

describe('the cracks', () => {
  it('come early and alone, then roll, peak and end; second crack follows after a gap', () => {
    const roast = simulateRoast(setUp('stovetopPopper'), { shade: 7 }, seededRandom(3));
    const first = roast.cracks.filter(({ crack }) => crack === 'first').map(({ atS }) => atS);
    const { rollingS, peakS, endS } = crackOnsets('first', first, roast.pull);
    assert.ok(rollingS !== undefined && peakS !== undefined && endS !== undefined);
    assert.ok((first[0] ?? 0) < rollingS && rollingS < peakS && peakS < endS);
    near(endS - rollingS, 90, 65, 'first crack lasts');
    assert.ok((roast.secondCrack ?? 0) > endS, 'a quiet gap');
  });
  it('of naturals and decafs are fewer and more spread', () => {
    const heard = (process: 'washed' | 'decaf') => {
      const roast = simulateRoast(setUp('smallDrum', { lot: { process } }), { shade: 5 }, seededRandom(4));
      return roast.cracks.filter(({ crack }) => crack === 'first').length;
    };
    assert.ok(heard('decaf') < 0.5 * heard('washed'));
    const spread = (process: 'washed' | 'natural') => {
      const { paleTone, darkTone } = medium('smallDrum', { lot: { process } }).end;
      return darkTone - paleTone;
    };
    assert.ok(spread('natural') > spread('washed'));
  });
});

describe('colour', () => {
  it('darkens steadily with browning, through the shades in order', () => {
    for (let c = 30; c < 260; c++) assert.ok(toneAtC(c + 1) >= toneAtC(c));
    for (const shade of shadeNumbers) assert.equal(shadeAtC(shadeC(shade)), shade);
    assert.ok(brownedToC(0) < 0, 'nothing has browned yet');
  });
});

describe('a simulation in steps', () => {
  it('is the same roast for the same seed and moves, however it is stepped', () => {
    const run = (step: number) => {
      const simulation = new Simulation(setUp('hotAirPopper'), seededRandom(5));
      for (let t = step; t <= 300; t += step) simulation.advanceTo(t);
      return { now: simulation.now(), cracks: simulation.cracks };
    };
    assert.deepEqual(run(1), run(20));
  });
  it('feels the moves: less flame, later; a stir moves the beans', () => {
    const controls = [controlCatalogue.flameSteps, controlCatalogue.stir];
    const run = (flame: number) => {
      const simulation = new Simulation(setUp('pan', { controls }), seededRandom(5));
      simulation.move('flame', flame);
      simulation.advanceTo(400);
      const before = simulation.now();
      simulation.move('stir');
      simulation.advanceTo(401);
      return { before, after: simulation.now() };
    };
    assert.ok(run(8).before.beanC > run(4).before.beanC + 5);
    assert.ok(run(6).after.movement > run(6).before.movement);
  });
});

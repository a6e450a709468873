import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { seededRandom } from '@/core/chance';
import { type Control, controlCatalogue as c, methodOf } from '@/core/gear';
import { SimulatedProbe, Simulation, type SimulationSetUp, simulateRoast, usualProbe } from '@/core/simulate';

const setUp = (controls: readonly Control[], facts: Partial<SimulationSetUp> = {}): SimulationSetUp => ({
  method: 'smallDrum',
  controls,
  lot: { process: 'washed' },
  greenGrams: 300,
  ...facts,
});

/** When it cracks with a control set so from the beginning; later is slower. */
function firstCrackS(control: Control, value: string | number, facts: Partial<SimulationSetUp> = {}): number {
  const simulation = new Simulation(setUp([control], facts), seededRandom(4));
  simulation.move(control.id, value);
  for (let s = 1; s < 3000; s++) {
    simulation.advanceTo(s);
    const { firstCrack } = simulation.rolling();
    if (firstCrack !== undefined) return firstCrack;
  }
  return 3000;
}

describe('what a control does to the beans', () => {
  const cases: readonly (readonly [string, Control, string | number, string | number])[] = [
    ['more heat is faster', c.heatSteps, 8, 5],
    ['a higher flame in words is faster', c.flameWords, 'high', 'medium'],
    ['a hotter oven is faster', c.celsius, 270, 240],
    ['a hotter oven in °F is faster', c.fahrenheit, 520, 460],
    ['less air holds less heat back', c.airSteps, 7, 3],
    ['nearer is faster', c.distance, 5, 15],
  ];
  for (const [name, control, faster, slower] of cases)
    it(name, () => {
      const [quick, slow] = [faster, slower].map((value) => firstCrackS(control, value));
      assert.ok((quick ?? 0) < (slow ?? 0), `${quick} s against ${slow} s`);
    });
  it('the same oven in °C and in °F is the same oven', () => {
    const [inC, inF] = [firstCrackS(c.celsius, 250), firstCrackS(c.fahrenheit, 482)];
    assert.ok(Math.abs(inC - inF) <= 2, `${inC} s against ${inF} s`);
  });
  it('the steps of a flame in words lie as far apart as steps of a knob', () => {
    const words = ['low', 'medium', 'high'].map((word) => firstCrackS(c.flameWords, word));
    assert.ok((words[0] ?? 0) > 1.15 * (words[1] ?? 0) && (words[2] ?? 0) < 0.95 * (words[1] ?? 0), words.join());
    assert.ok((words[2] ?? 0) > 0.6 * (words[1] ?? 0), words.join());
  });
});

describe('a simulated probe', () => {
  const habits = { ...usualProbe, noiseC: 0, drops: 0, nonsense: 0 };
  const still = { shellC: 200, beanC: 200, gearC: 300 };
  it('follows slowly and settles at the beans, with a share of what is around them, and its own offset', () => {
    const probe = new SimulatedProbe(seededRandom(1), habits, 20);
    const shown = Array.from({ length: 120 }, () => probe.read(still) ?? Number.NaN);
    const settled = 200 * 0.94 + 300 * 0.06 + 5;
    assert.ok(Math.abs((shown.at(-1) ?? 0) - settled) < 0.1, `${shown.at(-1)}`);
    // One lag after the jump it has gone 1 - 1/e of the way, by steps of a second somewhat more.
    const way = ((shown[8] ?? 0) - 25) / (settled - 25);
    assert.ok(way > 0.6 && way < 0.68, `${way}`);
  });
  it('drops out, and says nonsense that no probe can mean, as often as it is its habit', () => {
    const probe = new SimulatedProbe(seededRandom(2), { ...usualProbe, drops: 0.1, nonsense: 0.05 });
    const said = Array.from({ length: 4000 }, () => probe.read(still));
    const share = (test: (value: number | undefined) => boolean) => said.filter(test).length / said.length;
    assert.ok(Math.abs(share((value) => value === undefined) - 0.1) < 0.02);
    assert.ok(Math.abs(share((value) => (value ?? 0) > 9000) - 0.05) < 0.015);
  });
  it('wavers by its own noise around the same', () => {
    const probe = new SimulatedProbe(seededRandom(3), { ...habits, noiseC: 2 }, 206);
    const said = Array.from({ length: 3000 }, () => probe.read(still) ?? 0);
    const mean = said.reduce((sum, each) => sum + each, 0) / said.length;
    const sd = Math.sqrt(said.reduce((sum, each) => sum + (each - mean) ** 2, 0) / said.length);
    assert.ok(Math.abs(mean - 211) < 0.3 && Math.abs(sd - 2) < 0.15, `${mean}, ${sd}`);
  });
});

describe('a simulated roast', () => {
  const roast = (facts: Partial<SimulationSetUp>) =>
    simulateRoast(
      { ...setUp(methodOf('pan').controls, { method: 'pan', greenGrams: 150 }), ...facts },
      { shade: 4 },
      seededRandom(5),
    );
  it('is slower in the cold and the wind, and quicker in gear that is still hot', () => {
    const usual = roast({}).firstCrack;
    assert.ok((roast({ ambientC: 0 }).firstCrack ?? 9999) > (usual ?? 0));
    assert.ok((roast({ wind: 'strong' }).firstCrack ?? 9999) > (usual ?? 0));
    const fan = { method: 'hotAirPopper', controls: methodOf('hotAirPopper').controls, greenGrams: 80 } as const;
    assert.ok((roast({ ...fan, minutesSinceLast: 3 }).firstCrack ?? 9999) < (roast(fan).firstCrack ?? 0));
  });
  it('in air that nobody noted is one at twenty degrees', () => {
    assert.equal(roast({}).firstCrack, roast({ ambientC: 20 }).firstCrack);
  });
});

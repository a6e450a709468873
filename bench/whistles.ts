import { addAt, decibels, RATE, toLoudness, whole } from '../ear/sounds/draw.ts';
import { gearNoises } from '../ear/sounds/gear.ts';
import { type KitchenNoise, kitchenNoises } from '../ear/sounds/kitchen.ts';
import { drawRoom, inRoom } from '../ear/sounds/room.ts';
import { whistle } from '../ear/sounds/whistle.ts';
import { seededRandom } from '../src/core/chance/index.ts';
import { Whistles } from '../src/core/listen/index.ts';
import { printFigures } from './report.ts';

const WHISTLES = 60;
/** Nineteen of twenty. */
const LEAST = 0.95 * WHISTLES;
/** As loud as a person a metre away beside a popper: over its own loudness, dB. */
const OVER_DB = 6;
/** What an hour of a kitchen is made of; music with strings and pipes among it. */
const KINDS = ['speech', 'music', 'water', 'glass', 'clatter'] as const satisfies readonly KitchenNoise[];
const MINUTES_EACH = 12;

/** Whistles over a popper, alone and in pairs, and an hour without any. */
export function printWhistles(): void {
  const heard = (times: 1 | 2) => Array.from({ length: WHISTLES }, (_, n) => n).filter((n) => isHeard(n, times)).length;
  const ones = heard(1);
  const pairs = heard(2);
  const falsely = KINDS.map((kind) => falseIn(kind)).reduce((sum, each) => sum + each, 0);
  printFigures('Whistles over a popper, in rooms', [
    { what: `whistles heard, of ${WHISTLES}`, value: ones, unit: '', least: LEAST },
    { what: `pairs heard, of ${WHISTLES}`, value: pairs, unit: '', least: LEAST },
    { what: `heard falsely in an hour of ${KINDS.join(', ')}`, value: falsely, unit: '', most: 0 },
  ]);
}

function isHeard(seed: number, times: 1 | 2): boolean {
  const random = seededRandom(seed * 17 + 3);
  random();
  const sound = toLoudness(gearNoises.blower(random, whole(8)), 1);
  const one = whistle(random);
  const [gain, at] = [decibels(OVER_DB), 4];
  addAt(sound, one, at, gain);
  if (times === 2) addAt(sound, one, at + one.length / RATE + 0.25 + 0.35 * random(), gain);
  const told = new Whistles(RATE).push(inRoom(sound, drawRoom(random)));
  return told.length === 1 && told[0]?.times === times && Math.abs(told[0].at - at) < 0.15;
}

function falseIn(kind: KitchenNoise): number {
  let count = 0;
  for (let minute = 0; minute < MINUTES_EACH; minute++) {
    const random = seededRandom(minute * 31 + 5);
    random();
    const sound = toLoudness(gearNoises.flame(random, whole(60)), decibels(-30 * random()));
    kitchenNoises[kind](sound, random, 0, 60);
    count += new Whistles(RATE).push(inRoom(sound, drawRoom(random))).length;
  }
  return count;
}

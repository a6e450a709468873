import { controlCatalogue } from './controlCatalogue.ts';
import type { Control } from './controls.ts';
import type { MethodId } from './gearKinds.ts';

/** A usual figure with the range that holds 80 % of roasts, in seconds from charge. */
export interface UsualSeconds {
  readonly medianS: number;
  readonly earlyS: number;
  readonly lateS: number;
}

/** One row of handbook table 4. */
export interface Method {
  readonly id: MethodId;
  readonly name: string;
  readonly batchGrams: { readonly usual: number; readonly least: number; readonly most: number };
  readonly yellow: UsualSeconds;
  readonly firstCrack: UsualSeconds;
  /** The pull at shade medium; other shades move with their `afterCrackShare`. */
  readonly pull: UsualSeconds;
  readonly coolDownMin: { readonly least: number; readonly most: number };
  readonly controls: readonly Control[];
  /** What can be made out while it roasts; decides which pull rules make sense on it. */
  readonly senses: {
    readonly colour: 'plain' | 'throughGlass';
    readonly smell: boolean;
    /** Whether single quiet snaps are heard over the gear itself. */
    readonly quietSounds: boolean;
  };
  /** How much smoke and chaff come out into the room, at the usual batch. */
  readonly mess: { readonly smoke: 'little' | 'some' | 'much'; readonly chaff: 'blownOut' | 'staysIn' };
  /** `air` where a fan moves the beans: a bigger batch then runs faster; `contact` where metal or flame heats them. */
  readonly heatedBy: 'air' | 'contact' | 'both';
  /** Where its heat comes from; cautions go by it. */
  readonly heatFrom: 'socket' | 'flame' | 'oven' | 'notKnown';
  /** The beans or their flame lie open to cold air and wind. */
  readonly open: boolean;
  /** What helps at once where it goes faster or slower than planned. */
  readonly remedy: { readonly faster: string; readonly slower: string };
  /** Beans lie on a tray, and there may be room for a second one. */
  readonly onTrays?: true;
  /** A heat gun heats it, which has to be laid down somewhere. */
  readonly gun?: true;
  /** It may have a non-stick coating. */
  readonly maybeCoated?: true;
}

const c = controlCatalogue;

const usual = (medianS: number, earlyS: number, lateS: number): UsualSeconds => ({ medianS, earlyS, lateS });

/**
 * Usual figures by method. Source: handbook, section 4, table; the "other" row has no ranges there, so ±40 % is ours. What
 * can be sensed on each, its smoke and chaff are common roasting knowledge: a fan or gun drowns single snaps, an oven's
 * door keeps the smell in until it is late. Remedies: handbook, section 10, "faster" and "slower than planned", put into the
 * moves of each method.
 */
// biome-ignore format: a table
const methods = {
  hotAirPopper: {
    id: 'hotAirPopper', name: 'Hot-air popper', batchGrams: { usual: 80, least: 50, most: 120 },
    yellow: usual(120, 75, 200), firstCrack: usual(240, 150, 390), pull: usual(320, 210, 480),
    coolDownMin: { least: 15, most: 30 }, controls: [c.lid, c.tilt, c.stir],
    senses: { colour: 'plain', smell: true, quietSounds: false }, mess: { smoke: 'some', chaff: 'blownOut' }, heatedBy: 'air',
    heatFrom: 'socket', open: true, remedy: { faster: 'Lid off, or less heat', slower: 'Lid on, out of the wind' },
  },
  stovetopPopper: {
    id: 'stovetopPopper', name: 'Stovetop popper, cranked', batchGrams: { usual: 225, least: 120, most: 300 },
    yellow: usual(270, 180, 390), firstCrack: usual(510, 390, 690), pull: usual(620, 480, 840),
    coolDownMin: { least: 5, most: 10 }, controls: [c.flameSteps, c.lid],
    senses: { colour: 'plain', smell: true, quietSounds: true }, mess: { smoke: 'much', chaff: 'staysIn' }, heatedBy: 'contact',
    heatFrom: 'flame', open: false, maybeCoated: true, remedy: { faster: 'A step less flame', slower: 'A step more flame, lid shut' },
  },
  pan: {
    id: 'pan', name: 'Pan or wok, stirred', batchGrams: { usual: 150, least: 60, most: 250 },
    yellow: usual(420, 270, 600), firstCrack: usual(780, 540, 1080), pull: usual(960, 660, 1380),
    coolDownMin: { least: 0, most: 5 }, controls: [c.flameSteps, c.stir],
    senses: { colour: 'plain', smell: true, quietSounds: true }, mess: { smoke: 'much', chaff: 'staysIn' }, heatedBy: 'contact',
    heatFrom: 'flame', open: true, maybeCoated: true, remedy: { faster: 'A step less flame, stir faster', slower: 'A step more flame, out of the draught' },
  },
  oven: {
    id: 'oven', name: 'Oven, tray or perforated pan', batchGrams: { usual: 225, least: 100, most: 450 },
    yellow: usual(360, 240, 540), firstCrack: usual(660, 480, 900), pull: usual(800, 600, 1080),
    coolDownMin: { least: 5, most: 5 },
    controls: [c.celsius, c.fan, c.stir],
    senses: { colour: 'throughGlass', smell: false, quietSounds: false }, mess: { smoke: 'some', chaff: 'staysIn' }, heatedBy: 'both', onTrays: true,
    heatFrom: 'oven', open: false, remedy: { faster: 'Set it 10° lower', slower: 'Keep the door shut, set it 10° higher' },
  },
  heatGun: {
    id: 'heatGun', name: 'Heat gun over a bowl', batchGrams: { usual: 120, least: 40, most: 250 },
    yellow: usual(300, 180, 420), firstCrack: usual(600, 390, 780), pull: usual(720, 500, 930),
    coolDownMin: { least: 5, most: 5 }, controls: [c.gunSetting, c.distance, c.stir],
    senses: { colour: 'plain', smell: true, quietSounds: false }, mess: { smoke: 'some', chaff: 'blownOut' }, heatedBy: 'both',
    heatFrom: 'socket', open: true, gun: true, remedy: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, out of the wind' },
  },
  shaken: {
    id: 'shaken', name: 'Hand-shaken mesh or drum over flame', batchGrams: { usual: 150, least: 80, most: 250 },
    yellow: usual(270, 170, 390), firstCrack: usual(540, 390, 720), pull: usual(660, 480, 870),
    coolDownMin: { least: 5, most: 5 },
    controls: [c.flameSteps, c.height],
    senses: { colour: 'plain', smell: true, quietSounds: true }, mess: { smoke: 'much', chaff: 'blownOut' }, heatedBy: 'contact',
    heatFrom: 'flame', open: true, remedy: { faster: 'Hold it higher over the flame', slower: 'Hold it lower, out of the wind' },
  },
  breadMachine: {
    id: 'breadMachine', name: 'Bread machine with heat gun', batchGrams: { usual: 350, least: 200, most: 500 },
    yellow: usual(330, 240, 480), firstCrack: usual(690, 510, 900), pull: usual(840, 630, 1080),
    coolDownMin: { least: 5, most: 5 }, controls: [c.gunSetting, c.distance, c.lid],
    senses: { colour: 'plain', smell: true, quietSounds: false }, mess: { smoke: 'some', chaff: 'blownOut' }, heatedBy: 'both',
    heatFrom: 'socket', open: false, gun: true, remedy: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, lid over it' },
  },
  smallDrum: {
    id: 'smallDrum', name: 'Small electric drum', batchGrams: { usual: 300, least: 150, most: 450 },
    yellow: usual(360, 270, 480), firstCrack: usual(690, 540, 870), pull: usual(840, 690, 1020),
    coolDownMin: { least: 20, most: 30 }, controls: [c.heatSteps, c.airSteps, c.drumSpeed],
    senses: { colour: 'throughGlass', smell: true, quietSounds: true }, mess: { smoke: 'some', chaff: 'staysIn' }, heatedBy: 'both',
    heatFrom: 'socket', open: false, remedy: { faster: 'A step less heat', slower: 'A step more heat, less air' },
  },
  other: {
    id: 'other', name: 'Something else', batchGrams: { usual: 150, least: 30, most: 500 },
    yellow: usual(300, 180, 420), firstCrack: usual(600, 360, 840), pull: usual(740, 444, 1036),
    coolDownMin: { least: 10, most: 10 }, controls: [c.heatSteps],
    senses: { colour: 'plain', smell: true, quietSounds: true }, mess: { smoke: 'some', chaff: 'staysIn' }, heatedBy: 'contact',
    heatFrom: 'notKnown', open: false, remedy: { faster: 'A little less heat', slower: 'A little more heat' },
  },
} as const satisfies Record<MethodId, Method>;

/** The row of one method. */
export function methodOf(id: MethodId): Method {
  return methods[id];
}

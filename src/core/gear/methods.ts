import type { Control } from './controls.ts';

/** The kinds of gear. On users' disks: never rename one alone. */
export const methodIds = [
  'hotAirPopper',
  'stovetopPopper',
  'pan',
  'oven',
  'heatGun',
  'shaken',
  'breadMachine',
  'smallDrum',
  'other',
] as const;
export type MethodId = (typeof methodIds)[number];

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
  /** The pull at shade medium; other shades move with `shadeTiming`. */
  readonly pull: UsualSeconds;
  readonly coolDownMin: { readonly least: number; readonly most: number };
  readonly controls: readonly Control[];
}

const lid: Control = { kind: 'switch', id: 'lid', label: 'Lid', off: 'on', on: 'off' };
const stir: Control = { kind: 'act', id: 'stir', label: 'Stir', done: 'stir' };
const tilt: Control = { kind: 'step', id: 'tilt', label: 'Tilt', least: 0, most: 3, start: 0, by: 1 };
const distance: Control = {
  kind: 'step',
  id: 'distance',
  label: 'Distance',
  least: 2,
  most: 30,
  start: 10,
  by: 2,
  unit: 'cm',
};
const flame: Control = { kind: 'step', id: 'flame', label: 'Flame', least: 0, most: 9, start: 6, by: 1, axis: 'heat' };
const setting: Control = {
  kind: 'step',
  id: 'setting',
  label: 'Gun setting',
  least: 0,
  most: 9,
  start: 5,
  by: 1,
  axis: 'heat',
};
const heat: Control = { kind: 'step', id: 'heat', label: 'Heat', least: 0, most: 9, start: 6, by: 1, axis: 'heat' };
const air: Control = { kind: 'step', id: 'air', label: 'Air', least: 0, most: 9, start: 5, by: 1, axis: 'air' };

const usual = (medianS: number, earlyS: number, lateS: number): UsualSeconds => ({ medianS, earlyS, lateS });

/** Usual figures by method. Source: handbook, section 4, table; the "other" row has no ranges there, so ±40 % is ours. */
// biome-ignore format: a table
export const methods = {
  hotAirPopper: {
    id: 'hotAirPopper', name: 'Hot-air popper', batchGrams: { usual: 80, least: 50, most: 120 },
    yellow: usual(120, 75, 200), firstCrack: usual(240, 150, 390), pull: usual(320, 210, 480),
    coolDownMin: { least: 15, most: 30 }, controls: [lid, tilt, stir],
  },
  stovetopPopper: {
    id: 'stovetopPopper', name: 'Stovetop popper, cranked', batchGrams: { usual: 225, least: 120, most: 300 },
    yellow: usual(270, 180, 390), firstCrack: usual(510, 390, 690), pull: usual(620, 480, 840),
    coolDownMin: { least: 5, most: 10 }, controls: [flame, lid],
  },
  pan: {
    id: 'pan', name: 'Pan or wok, stirred', batchGrams: { usual: 150, least: 60, most: 250 },
    yellow: usual(420, 270, 600), firstCrack: usual(780, 540, 1080), pull: usual(960, 660, 1380),
    coolDownMin: { least: 0, most: 5 }, controls: [flame],
  },
  oven: {
    id: 'oven', name: 'Oven, tray or perforated pan', batchGrams: { usual: 225, least: 100, most: 450 },
    yellow: usual(360, 240, 540), firstCrack: usual(660, 480, 900), pull: usual(800, 600, 1080),
    coolDownMin: { least: 5, most: 5 },
    controls: [
      { kind: 'step', id: 'oven', label: 'Oven', least: 150, most: 300, start: 250, by: 10, unit: '°C', axis: 'heat' },
      { kind: 'switch', id: 'fan', label: 'Fan', off: 'off', on: 'on' },
      stir,
    ],
  },
  heatGun: {
    id: 'heatGun', name: 'Heat gun over a bowl', batchGrams: { usual: 120, least: 40, most: 250 },
    yellow: usual(300, 180, 420), firstCrack: usual(600, 390, 780), pull: usual(720, 500, 930),
    coolDownMin: { least: 5, most: 5 }, controls: [setting, distance],
  },
  shaken: {
    id: 'shaken', name: 'Hand-shaken mesh or drum over flame', batchGrams: { usual: 150, least: 80, most: 250 },
    yellow: usual(270, 170, 390), firstCrack: usual(540, 390, 720), pull: usual(660, 480, 870),
    coolDownMin: { least: 5, most: 5 },
    controls: [flame, { kind: 'step', id: 'height', label: 'Height', least: 2, most: 30, start: 8, by: 2, unit: 'cm' }],
  },
  breadMachine: {
    id: 'breadMachine', name: 'Bread machine with heat gun', batchGrams: { usual: 350, least: 200, most: 500 },
    yellow: usual(330, 240, 480), firstCrack: usual(690, 510, 900), pull: usual(840, 630, 1080),
    coolDownMin: { least: 5, most: 5 }, controls: [setting, distance, lid],
  },
  smallDrum: {
    id: 'smallDrum', name: 'Small electric drum', batchGrams: { usual: 300, least: 150, most: 450 },
    yellow: usual(360, 270, 480), firstCrack: usual(690, 540, 870), pull: usual(840, 690, 1020),
    coolDownMin: { least: 20, most: 30 }, controls: [heat, air],
  },
  other: {
    id: 'other', name: 'Something else', batchGrams: { usual: 150, least: 30, most: 500 },
    yellow: usual(300, 180, 420), firstCrack: usual(600, 360, 840), pull: usual(740, 444, 1036),
    coolDownMin: { least: 10, most: 10 }, controls: [heat],
  },
} as const satisfies Record<MethodId, Method>;

/** The row of one method. */
export function methodOf(id: MethodId): Method {
  return methods[id];
}

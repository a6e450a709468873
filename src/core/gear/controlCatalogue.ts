import type { Control } from './controls.ts';

/** Ready-made controls that gear can have; the id stays with the record of every move. */
// biome-ignore format: a table
export const controlCatalogue = {
  heatSteps: { kind: 'step', id: 'heat', label: 'Heat', least: 0, most: 9, start: 6, by: 1, axis: 'heat' },
  flameSteps: { kind: 'step', id: 'flame', label: 'Flame', least: 0, most: 9, start: 6, by: 1, axis: 'heat' },
  flameWords: { kind: 'words', id: 'flame', label: 'Flame', words: ['off', 'low', 'medium', 'high'], start: 'medium', axis: 'heat' },
  gunSetting: { kind: 'step', id: 'setting', label: 'Gun setting', least: 0, most: 9, start: 5, by: 1, axis: 'heat' },
  celsius: { kind: 'step', id: 'oven', label: 'Oven', least: 150, most: 300, start: 250, by: 10, unit: '°C', axis: 'heat' },
  fahrenheit: { kind: 'step', id: 'ovenF', label: 'Oven', least: 300, most: 575, start: 475, by: 25, unit: '°F', axis: 'heat' },
  airSteps: { kind: 'step', id: 'air', label: 'Air', least: 0, most: 9, start: 5, by: 1, axis: 'air' },
  fan: { kind: 'switch', id: 'fan', label: 'Fan', off: 'off', on: 'on' },
  lid: { kind: 'switch', id: 'lid', label: 'Lid', off: 'on', on: 'off' },
  tilt: { kind: 'step', id: 'tilt', label: 'Tilt', least: 0, most: 3, start: 0, by: 1 },
  stir: { kind: 'act', id: 'stir', label: 'Stir', done: 'stir' },
  distance: { kind: 'step', id: 'distance', label: 'Distance', least: 2, most: 30, start: 10, by: 2, unit: 'cm' },
  height: { kind: 'step', id: 'height', label: 'Height', least: 2, most: 30, start: 8, by: 2, unit: 'cm' },
  drumSpeed: { kind: 'step', id: 'drumSpeed', label: 'Drum speed', least: 1, most: 9, start: 5, by: 1 },
} as const satisfies Record<string, Control>;
/** A key of the catalogue of controls. */
export type ControlKey = keyof typeof controlCatalogue;

/** Gear has so many at most: each has a place of its own at the heat. */
export const MOST_CONTROLS = 8;

/** How each is offered in the form for gear. */
export const controlKeyNames = {
  heatSteps: 'heat, in steps 0 to 9',
  flameSteps: 'flame, in steps 0 to 9',
  flameWords: 'flame, in words: low, medium, high',
  gunSetting: 'heat gun setting',
  celsius: 'heat, set in °C',
  fahrenheit: 'heat, set in °F',
  airSteps: 'air, in steps 0 to 9',
  fan: 'fan on or off',
  lid: 'lid on or off',
  tilt: 'tilt',
  stir: 'stir or shake by hand',
  distance: 'distance of the gun',
  height: 'height over the flame',
  drumSpeed: 'drum or paddle speed',
} as const satisfies Record<ControlKey, string>;

/** The catalogue's keys in the order of the form. */
export const controlKeys = Object.keys(controlCatalogue) as ControlKey[];

/** The catalogue key of a control, for ticking it in the form; undefined for one from elsewhere. */
export function controlKeyOf(control: Control): ControlKey | undefined {
  return controlKeys.find(
    (key) => controlCatalogue[key].id === control.id && controlCatalogue[key].kind === control.kind,
  );
}

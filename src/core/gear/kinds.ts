// Kept apart from the schemas, so that a screen that only names things does not load the validator.

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

/** Where gear is used. On users' disks: never rename one alone. */
export const places = ['indoors', 'outdoors'] as const;
export type Place = (typeof places)[number];

/** How smoke leaves. On users' disks: never rename one alone. */
export const ventilations = ['hood', 'window', 'openAir', 'none'] as const;
export type Ventilation = (typeof ventilations)[number];

export const ventilationNames = {
  hood: 'hood vented outside',
  window: 'open window or door',
  openAir: 'open air',
  none: 'nothing yet',
} as const satisfies Record<Ventilation, string>;

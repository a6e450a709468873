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
/** One of `methodIds`. */
export type MethodId = (typeof methodIds)[number];

/** Where gear is used. On users' disks: never rename one alone. */
export const places = ['indoors', 'outdoors'] as const;
/** One of `places`. */
export type Place = (typeof places)[number];

/** How smoke leaves. On users' disks: never rename one alone. */
export const ventilations = ['hood', 'window', 'openAir', 'none'] as const;
/** One of `ventilations`. */
export type Ventilation = (typeof ventilations)[number];

/** How each is called on the screen. */
export const ventilationNames = {
  hood: 'hood vented outside',
  window: 'open window or door',
  openAir: 'open air',
  none: 'nothing yet',
} as const satisfies Record<Ventilation, string>;

import { type ShadeBand, type ShadeNumber, shadeBand } from '../shade/index.ts';
import { DAY_MS } from '../units/index.ts';

/** How long people let coffee rest. On users' disks: never rename one alone. */
export const restSchools = ['early', 'usual', 'patient'] as const;
/** One of `restSchools`. */
export type RestSchool = (typeof restSchools)[number];

/** Rest in days for light, medium and dark. Source: handbook, section 8, table. */
const REST_DAYS = {
  early: { light: 0.5, medium: 0.5, dark: 0.5 },
  usual: { light: 4, medium: 2, dark: 1.5 },
  patient: { light: 9, medium: 6, dark: 4 },
} as const satisfies Record<RestSchool, Record<ShadeBand, number>>;

/** Days from the roast until which it is at its best, and until which it fades. Source: handbook, section 8. */
const BEST_DAYS = { light: 21, medium: 21, dark: 14 } as const satisfies Record<ShadeBand, number>;
const FADES_DAYS = { light: 42, medium: 42, dark: 28 } as const satisfies Record<ShadeBand, number>;

/** When a jar is ready, at its best until, and drinkable until; days from the roast. */
export interface Window {
  readonly readyDays: number;
  readonly bestDays: number;
  readonly fadesDays: number;
}

/** The window of a shade by a school of rest (handbook, section 8). */
export function drinkingWindow(shade: ShadeNumber, school: RestSchool): Window {
  const band = shadeBand(shade);
  return { readyDays: REST_DAYS[school][band], bestDays: BEST_DAYS[band], fadesDays: FADES_DAYS[band] };
}

/** The same for a jar that was made at a moment and never frozen, as Unix milliseconds. */
export function windowFrom(madeAt: string, shade: ShadeNumber, school: RestSchool) {
  const { readyDays, bestDays } = drinkingWindow(shade, school);
  const madeMs = Date.parse(madeAt);
  return { readyMs: madeMs + readyDays * DAY_MS, bestMs: madeMs + bestDays * DAY_MS };
}

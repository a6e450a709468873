/** Where a moment lies on a ribbon, pixels from its left edge; `at` gives the moment of a pixel, seconds from charge. */
export interface TimeScale {
  (seconds: number): number;
  readonly secondsAt: (pixel: number) => number;
}

/** The straight line from the seconds `fromS` to `toS` onto `width` pixels. A scale library would be a tenth of the roast screen. */
export function timeScale(fromS: number, toS: number, width: number): TimeScale {
  const perSecond = width / (toS - fromS);
  return Object.assign((seconds: number) => (seconds - fromS) * perSecond, {
    secondsAt: (pixel: number) => fromS + pixel / perSecond,
  });
}

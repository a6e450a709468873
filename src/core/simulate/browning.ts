import { type ShadeNumber, shadeNumbers, shadeOf, shadeTone, TONE } from '../shade/index.ts';

const BROWNING_K = 30_000;
const BROWNING_AT_K = 473.15;
/** Rate of rise at which a browning is read as a temperature, K/s: 12 °C a minute. */
const READ_AT_K_PER_S = 0.2;

/** The bean temperature at which a roast of 12 °C a minute would have browned so far, °C. */
export function brownedToC(browned: number): number {
  const scaled = Math.log(Math.max(browned, 1e-30) * READ_AT_K_PER_S * (BROWNING_K / BROWNING_AT_K ** 2));
  return 1 / (1 / BROWNING_AT_K - scaled / BROWNING_K) - 273.15;
}

/** All beans are yellow at this browning, °C as above. Source: handbook, section 6: 150 to 165. */
export const YELLOW_C = 157;

const anchors: readonly (readonly [number, number])[] = [
  [60, 0],
  [130, 0.1],
  [YELLOW_C, TONE.yellow],
  [180, 0.44],
  ...shadeNumbers.map((shade) => [shadeOf(shade).brownedC, shadeTone(shade)] as const),
  [252, TONE.nearBlack],
];

/** Tone on the bean ramp for a browning read as a temperature, °C. */
export function toneAtC(celsius: number): number {
  const after = anchors.findIndex(([at]) => at >= celsius);
  if (after === -1) return TONE.nearBlack;
  const [bAt, bTone] = anchors[after] as readonly [number, number];
  const before = anchors[after - 1];
  if (!before) return 0;
  return before[1] + ((bTone - before[1]) * (celsius - before[0])) / (bAt - before[0]);
}

/** The browning, °C as above, at which a batch has a shade. */
export function shadeC(shade: ShadeNumber): number {
  return shadeOf(shade).brownedC;
}

/** The shade nearest to a browning, °C as above. */
export function shadeAtC(celsius: number): ShadeNumber {
  return shadeNumbers.reduce((best, shade) =>
    Math.abs(shadeOf(shade).brownedC - celsius) < Math.abs(shadeOf(best).brownedC - celsius) ? shade : best,
  );
}

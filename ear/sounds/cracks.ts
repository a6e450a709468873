import type { Random } from '../../src/core/chance/index.ts';
import type { CrackKind } from '../../src/core/listen/index.ts';
import {
  addAt,
  addMode,
  between,
  chance,
  decibels,
  filterInPlace,
  gaussian,
  pick,
  ratioBetween,
  toPeak,
  whole,
} from './draw.ts';

/** Ways in which a bean may sound as it cracks; nobody knows which is right, so all are learned from and each is left out in turn. */
export const crackStyles = ['burst', 'modes', 'pulse', 'tear', 'grain'] as const;
export type CrackStyle = (typeof crackStyles)[number];

// Source: handbook, section 7, and the physics: first −20 dB within 3 to 13 ms, centred 0.9 to 5 kHz; second 1 to 4 ms, 7 to 13 kHz.
const RANGE = {
  first: { dropS: [0.003, 0.013], hertz: [900, 5000] },
  second: { dropS: [0.001, 0.004], hertz: [6500, 13_500] },
} as const;

/** What all beans of one roast have in common. */
export interface Beans {
  readonly style: CrackStyle;
  readonly kind: CrackKind;
  readonly hertz: number;
  readonly dropS: number;
  readonly vessel: readonly { readonly hertz: number; readonly dropS: number; readonly db: number }[];
}

export function drawBeans(random: Random, kind: CrackKind, styles: readonly CrackStyle[]): Beans {
  const { dropS, hertz } = RANGE[kind];
  const rings = chance(random, 0.55) ? Math.floor(between(random, 1, 5)) : 0;
  return {
    style: pick(random, styles),
    kind,
    hertz: ratioBetween(random, hertz[0] * 1.15, hertz[1] / 1.15),
    dropS: ratioBetween(random, dropS[0] * 1.2, dropS[1] / 1.2),
    vessel: Array.from({ length: rings }, () => ({
      hertz: ratioBetween(random, 400, 9000),
      dropS: ratioBetween(random, 0.004, 0.05),
      db: between(random, -32, -10),
    })),
  };
}

/** One crack of these beans, peak 1; each a little other than the last. */
export function makeCrack(random: Random, beans: Beans): Float32Array {
  const hertz = beans.hertz * ratioBetween(random, 0.75, 1.33);
  const dropS = beans.dropS * ratioBetween(random, 0.65, 1.5);
  const length = whole(Math.max(dropS * 3, 0.008) + (beans.vessel.length > 0 ? 0.06 : 0.012));
  const out = new Float32Array(length);
  const tears = beans.style === 'tear' ? Math.floor(between(random, 2, 5)) : chance(random, 0.12) ? 2 : 1;
  let atS = 0;
  for (let tear = 0; tear < tears; tear++) {
    addAt(
      out,
      single(random, beans.style, hertz * ratioBetween(random, 0.85, 1.18), dropS),
      atS,
      tear === 0 ? 1 : between(random, 0.15, 0.9),
    );
    atS += ratioBetween(random, 0.0012, beans.kind === 'first' ? 0.012 : 0.005);
  }
  toPeak(out);
  for (const ring of beans.vessel)
    addMode(out, ring.hertz, ring.dropS, decibels(ring.db + between(random, -6, 6)), 6.3 * random());
  return toPeak(out);
}

function single(random: Random, style: CrackStyle, hertz: number, dropS: number): Float32Array {
  const length = whole(dropS * 2.2 + 0.002);
  const out = new Float32Array(length);
  const attackS = ratioBetween(random, 0.000_05, Math.min(0.0012, dropS / 3));
  const shape = (i: number) =>
    (1 - Math.exp(-i / (attackS * RATE_OF))) * Math.exp((-i * Math.LN10) / (dropS * RATE_OF));
  if (style === 'modes') {
    const count = Math.floor(between(random, 2, 6));
    for (let i = 0; i < count; i++)
      addMode(
        out,
        hertz * ratioBetween(random, 0.45, 2.1),
        dropS * ratioBetween(random, 0.5, 1.2),
        between(random, 0.3, 1),
        6.3 * random(),
      );
    return toPeak(out);
  }
  if (style === 'grain') {
    // Many small breaks within one: a crackle that thins out.
    const grains = Math.floor(between(random, 6, 30));
    for (let g = 0; g < grains; g++) {
      const at = -Math.log(1 - random() * 0.95) * (dropS / 2.3);
      addMode(
        out,
        hertz * ratioBetween(random, 0.6, 1.7),
        ratioBetween(random, 0.0003, 0.0015),
        Math.exp((-at * 2.3) / dropS) * between(random, 0.2, 1),
        6.3 * random(),
        at,
      );
    }
    return toPeak(out);
  }
  const burst = gaussian(random, length);
  filterInPlace(burst, 'band', hertz, ratioBetween(random, 0.4, 1.6));
  if (chance(random, 0.5)) filterInPlace(burst, 'high', hertz * 0.4);
  for (let i = 0; i < length; i++) out[i] = (burst[i] as number) * shape(i);
  toPeak(out);
  if (style === 'pulse') {
    const width = whole(ratioBetween(random, 0.2, 0.8) / hertz);
    const [sign, gain] = [random() < 0.5 ? -1 : 1, between(random, 0.5, 2.5)];
    for (let i = 0; i < width && i < length; i++)
      out[i] =
        (out[i] as number) +
        sign * gain * Math.sin((Math.PI * i) / width) * (i < width / 2 ? 1 : between(random, 0.7, 1));
  }
  return toPeak(out);
}

const RATE_OF = 48_000;

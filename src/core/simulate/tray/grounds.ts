import type { Ground } from './trayScene.ts';

/** Linear red, green, blue of a surface. */
export type Colour = readonly [number, number, number];

/** A number from 0 to 1 that belongs to a place, the same each time. Source: the integer hash of T. Wang, mixed by place. */
function hash(x: number, y: number): number {
  let n = (Math.imul(x, 374_761_393) + Math.imul(y, 668_265_263)) | 0;
  n = Math.imul(n ^ (n >>> 13), 1_274_126_177);
  return ((n ^ (n >>> 16)) >>> 0) / 2 ** 32;
}

const ease = (t: number) => t * t * (3 - 2 * t);

/** Smooth noise about so fine, from 0 to 1. */
export function noiseAt(x: number, y: number): number {
  const [column, row] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [ease(x - column), ease(y - row)];
  const top = hash(column, row) * (1 - u) + hash(column + 1, row) * u;
  const bottom = hash(column, row + 1) * (1 - u) + hash(column + 1, row + 1) * u;
  return top * (1 - v) + bottom * v;
}

const times = ([r, g, b]: Colour, k: number): Colour => [r * k, g * k, b * k];

/** What a ground looks like at a place, millimetres; `middle` is where the beans lie. */
export function groundAt(ground: Ground, x: number, y: number, middle: { x: number; y: number }): Colour {
  switch (ground) {
    case 'wood':
    case 'dark wood': {
      const grain = noiseAt(x * 0.06, y * 0.9) * 0.35 + noiseAt(x * 0.5, y * 4) * 0.25;
      const plank = Math.abs((y % 92) - 46) > 45.2 ? 0.35 : 1;
      return times(ground === 'wood' ? [0.34, 0.21, 0.11] : [0.085, 0.05, 0.033], (0.7 + grain) * plank);
    }
    case 'slate':
      return times([0.1, 0.105, 0.11], 0.7 + 0.6 * noiseAt(x * 0.8, y * 0.8) + 0.25 * noiseAt(x * 3, y * 3));
    case 'linen':
    case 'dark cloth': {
      const weave = 0.85 + 0.15 * Math.sin(x * 7) * Math.sin(y * 7) + 0.15 * noiseAt(x * 2.5, y * 2.5);
      return times(ground === 'linen' ? [0.5, 0.43, 0.33] : [0.018, 0.02, 0.026], weave);
    }
    case 'steel':
      return times([0.42, 0.42, 0.43], 0.85 + 0.25 * noiseAt(x * 0.05, y * 1.6));
    case 'plate': {
      const far = Math.hypot(x - middle.x, y - middle.y);
      if (far > 118) return groundAt('dark wood', x, y, middle);
      const rim = far > 84 && far < 88 ? 0.9 : 1;
      return times([0.66, 0.66, 0.64], rim * (far > 116 ? 0.75 : 1));
    }
    case 'pierced tray': {
      const hole = Math.hypot((x % 9) - 4.5, (y % 9) - 4.5) < 2.1;
      return hole ? [0.01, 0.01, 0.01] : times([0.3, 0.3, 0.31], 0.9 + 0.15 * noiseAt(x, y));
    }
    default: {
      const never: never = ground;
      throw new Error(`no such ground: ${String(never)}`);
    }
  }
}

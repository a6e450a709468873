import { luminanceOf } from '../../shade/index.ts';
import { type Colour, noiseAt } from './grounds.ts';
import type { TrayBean } from './trayScene.ts';

/** A point of a bean's surface: how high it lies, which way it faces, and what colour it has there. */
export interface SurfacePoint {
  readonly high: number;
  readonly nx: number;
  readonly ny: number;
  readonly nz: number;
  readonly colour: Colour;
  readonly isScorched: boolean;
}

/** How wide the crease is, as a share of the breadth, and how much of the surface's colour it has. */
const CREASE = { wide: 0.05, colour: 0.75 };

/** The surface of a bean above a place, millimetres; undefined beside it. */
export function surfaceAt(bean: TrayBean, x: number, y: number): SurfacePoint | undefined {
  const [cos, sin] = [Math.cos(bean.angle), Math.sin(bean.angle)];
  const [dx, dy] = [x - bean.x, y - bean.y];
  const along = (dx * cos + dy * sin) / (bean.long / 2);
  const across = (-dx * sin + dy * cos) / (bean.broad / 2);
  const far = along * along + across * across;
  if (far >= 1) return undefined;
  // A bean is round on one side and nearly flat, with the crease, on the other.
  const hasCrease = bean.creaseUp && !bean.pebble;
  const swell = bean.creaseUp ? 0.45 : 1;
  const up = Math.sqrt(1 - far);
  const base = bean.creaseUp ? 0.55 * bean.high : 0;
  const crease = hasCrease ? across - 0.06 * Math.sin(3 * along) : 9;
  const deep = Math.exp(-((crease / CREASE.wide) ** 2));
  const height = bean.high * swell;
  const bend = hasCrease ? 1.6 * (crease / CREASE.wide) * deep : 0;
  const rough = noiseAt(x * 3.1, y * 3.1) - 0.5;
  const gx = (-height * along) / (up + 0.12) / (bean.long / 2) + 0.25 * rough;
  const gy = (-height * across) / (up + 0.12) / (bean.broad / 2) + 0.5 * bend + 0.25 * rough;
  const [sx, sy] = [gx * cos - gy * sin, gx * sin + gy * cos];
  const length = Math.hypot(sx, sy, 1);
  const spot = bean.scorched;
  const isScorched =
    spot !== undefined &&
    Math.hypot(along / 2 - spot.along, (across / 2 - spot.across) * 0.8) <
      spot.radius * (0.5 + noiseAt(x * 0.9, y * 0.9));
  const mottled = 1 + 0.12 * (noiseAt(x * 1.4 + 40, y * 1.4) - 0.5);
  const colour = isScorched ? SCORCHED : bean.pebble ? pebbleSurface(bean) : beanSurface(bean.lightness);
  const k = mottled * (1 - (1 - CREASE.colour) * deep);
  return {
    high: base + height * up - 0.12 * bean.high * deep,
    nx: -sx / length,
    ny: -sy / length,
    nz: 1 / length,
    colour: [colour[0] * k, colour[1] * k, colour[2] * k],
    isScorched,
  };
}

/** Grey, a little to one side or the other. */
function pebbleSurface({ lightness, angle }: TrayBean): Colour {
  const y = luminanceOf(lightness);
  return [y * (1 + 0.08 * Math.sin(9 * angle)), y, y * (1 - 0.08 * Math.sin(7 * angle))];
}

/** Char: nearly neutral and very dark. */
const SCORCHED: Colour = [0.0125, 0.0108, 0.0098];

/** Linear colour of roasted beans of a lightness: the darker, the greyer. By common knowledge of roasted coffee. */
function beanSurface(lightness: number): Colour {
  const y = luminanceOf(lightness);
  // Red over green and blue under it, from nearly grey at very dark to the brown of cinnamon.
  const warm = Math.min(1, Math.max(0.12, (lightness - 10) / 34));
  const [r, b] = [1 + 0.75 * warm, 1 - 0.62 * warm];
  const k = y / (0.2126 * r + 0.7152 + 0.0722 * b);
  return [k * r, k, k * b];
}

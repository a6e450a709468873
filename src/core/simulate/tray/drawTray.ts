import type { Random } from '../../chance/index.ts';
import type { Picture } from '../../look/index.ts';
import { type SurfacePoint, surfaceAt } from './beanShape.ts';
import { exposed } from './camera.ts';
import { type Colour, groundAt } from './grounds.ts';
import { isOnSheet, TRAY_HEIGHT, type TrayScene } from './trayScene.ts';

/** Linear light that the paper gives back. */
const PAPER: Colour = [0.872, 0.866, 0.852];

interface Ground {
  readonly width: number;
  readonly height: number;
  readonly mm: number;
  readonly high: Float32Array;
  /** Which bean is uppermost, -1 none. */
  readonly bean: Int16Array;
  readonly points: (SurfacePoint | undefined)[];
}

/** A drawn photo, and which bean each of its pixels shows (-1 none). */
export interface DrawnTray {
  readonly picture: Picture;
  readonly bean: Int16Array;
  /** 1 where the bean is scorched. */
  readonly scorched: Uint8Array;
}

/** Draws beans as a camera above them would see them: heights first, then light with its shadows, then the camera. */
export function drawTray(scene: TrayScene, width: number, random: Random): DrawnTray {
  const ground = laid(scene, width);
  const near = nearBeans(ground);
  const open = openness(ground, near);
  const lit = lighted(scene, { ...ground, open, near });
  const picture = exposed(lit, { width, height: ground.height }, scene, random);
  const scorched = Uint8Array.from(ground.bean, (_, i) => (ground.points[i]?.isScorched ? 1 : 0));
  return { picture, bean: ground.bean, scorched };
}

function laid(scene: TrayScene, width: number): Ground {
  const height = Math.round(width * TRAY_HEIGHT);
  const mm = scene.fieldMm / width;
  const high = new Float32Array(width * height);
  const bean = new Int16Array(width * height).fill(-1);
  const points: (SurfacePoint | undefined)[] = new Array(width * height);
  for (const [n, each] of scene.beans.entries()) {
    const reach = each.long / 2 / mm;
    const [cx, cy] = [each.x / mm, each.y / mm];
    // A bean that falls on others lies upon them, a little lower than on a stick.
    const under =
      high[
        Math.min(height - 1, Math.max(0, Math.round(cy))) * width + Math.min(width - 1, Math.max(0, Math.round(cx)))
      ] ?? 0;
    for (let y = Math.max(0, Math.floor(cy - reach)); y <= Math.min(height - 1, cy + reach); y++)
      for (let x = Math.max(0, Math.floor(cx - reach)); x <= Math.min(width - 1, cx + reach); x++) {
        const point = surfaceAt(each, (x + 0.5) * mm, (y + 0.5) * mm);
        if (!point) continue;
        const i = y * width + x;
        const top = point.high + 0.6 * under;
        if (top <= (high[i] as number)) continue;
        high[i] = top;
        bean[i] = n;
        points[i] = point;
      }
  }
  return { width, height, mm, high, bean, points };
}

/** How far a bean's shadow and shade reach, millimetres. */
const REACH_MM = 12;

/** 1 where a bean is near enough to matter: the rest of the tray lies open. */
function nearBeans({ width, height, mm, bean }: Ground): Uint8Array {
  const cell = Math.max(1, Math.round(REACH_MM / mm));
  const [columns, rows] = [Math.ceil(width / cell), Math.ceil(height / cell)];
  const full = new Uint8Array(columns * rows);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if ((bean[y * width + x] as number) >= 0) full[Math.floor(y / cell) * columns + Math.floor(x / cell)] = 1;
  const wide = Uint8Array.from(full, (_, k) => {
    const [cx, cy] = [k % columns, Math.floor(k / columns)];
    for (let y = Math.max(0, cy - 1); y <= Math.min(rows - 1, cy + 1); y++)
      for (let x = Math.max(0, cx - 1); x <= Math.min(columns - 1, cx + 1); x++) if (full[y * columns + x]) return 1;
    return 0;
  });
  const near = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      near[y * width + x] = wide[Math.floor(y / cell) * columns + Math.floor(x / cell)] as number;
  return near;
}

const WAYS = 10;
const STEPS = 6;

/** How much of the sky a place sees, 0 to 1: by the steepest slope in each of some directions. */
function openness({ width, height, mm, high }: Ground, near: Uint8Array): Float32Array {
  const out = new Float32Array(high.length).fill(1);
  const steps = Array.from({ length: WAYS }, (_, k) => {
    const angle = (2 * Math.PI * (k + 0.5)) / WAYS;
    return Array.from({ length: STEPS }, (_, n) => {
      const far = (0.5 * 1.65 ** n) / mm;
      return { dx: Math.round(far * Math.cos(angle)), dy: Math.round(far * Math.sin(angle)), mm: far * mm };
    });
  });
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      if (!near[y * width + x]) continue;
      const own = high[y * width + x] as number;
      let sum = 0;
      for (const way of steps) {
        let slope = 0;
        for (const step of way) {
          const [column, row] = [x + step.dx, y + step.dy];
          if (column < 0 || row < 0 || column >= width || row >= height) break;
          slope = Math.max(slope, ((high[row * width + column] as number) - own) / step.mm);
        }
        // Share of a cosine-weighted sky above the horizon at that slope.
        sum += 1 / (1 + slope * slope);
      }
      out[y * width + x] = sum / WAYS;
    }
  return out;
}

interface Shaded extends Ground {
  readonly open: Float32Array;
  readonly near: Uint8Array;
}

/** Where light from one side comes from; its length is 1. */
interface Sun {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

function lighted(scene: TrayScene, ground: Shaded): Float32Array {
  const { width, height } = ground;
  const { light } = scene;
  const out = new Float32Array(3 * width * height);
  const flat = Math.cos(light.height);
  const sun = { x: Math.cos(light.from) * flat, y: Math.sin(light.from) * flat, z: Math.sin(light.height) };
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const across = (x / width - 0.5) * Math.cos(light.from) + (y / height - 0.5) * Math.sin(light.from);
      const strength = 1 + light.falloff * across;
      const given = givenBack(scene, ground, { x, y }, sun);
      for (let c = 0; c < 3; c++) {
        const lamp = light.colour[c] as number;
        const here = light.second ? lamp + ((light.second[c] as number) - lamp) * (x / width) : lamp;
        out[3 * (y * width + x) + c] = here * strength * (given[c] as number);
      }
    }
  return out;
}

/** What a place gives back of white light, each colour. */
function givenBack(scene: TrayScene, ground: Shaded, { x, y }: { x: number; y: number }, sun: Sun): Colour {
  const { width, mm, points, open, near } = ground;
  const i = y * width + x;
  const point = points[i];
  const colour = point?.colour ?? flatColour(scene, (x + 0.5) * mm, (y + 0.5) * mm);
  const n = point ?? { nx: 0, ny: 0, nz: 1 };
  const { directed } = scene.light;
  const sky = open[i] as number;
  const past = near[i] ? reached(ground, x, y, sun) : 1;
  const sunlit = directed * (Math.max(0, n.nx * sun.x + n.ny * sun.y + n.nz * sun.z) / sun.z) * past;
  const lit = sunlit + (1 - directed) * sky * (0.5 + 0.5 * n.nz);
  const isDull = !point || scene.beans[ground.bean[i] as number]?.pebble;
  const shine = isDull ? 0 : sheen(n, sun, scene.oil) * directed * past + 0.02 * scene.oil * sky;
  // What neighbours in the same colour give back makes the hollows warmer.
  const bounce = (1 - sky) * 0.8 * (1 - directed * 0.5);
  return [0, 1, 2].map(
    (c) => (colour[c] as number) * (lit + bounce * (colour[c] as number)) + shine,
  ) as unknown as Colour;
}

function flatColour(scene: TrayScene, x: number, y: number): Colour {
  if (scene.paper && isOnSheet(scene.paper, x, y)) return PAPER;
  return groundAt(scene.ground, x, y, { x: 0.33 * scene.fieldMm, y: 0.5 * TRAY_HEIGHT * scene.fieldMm });
}

/** How much of the light from one side gets past what stands in its way, 0 to 1, with a soft edge. */
function reached(
  { width, height, mm, high }: Ground,
  x: number,
  y: number,
  sun: { x: number; y: number; z: number },
): number {
  const flat = Math.hypot(sun.x, sun.y);
  const rise = sun.z / flat;
  const own = high[y * width + x] as number;
  let open = 1;
  for (let far = 0.4; far < 14; far *= 1.3) {
    const column = Math.round(x + (far * sun.x) / flat / mm);
    const row = Math.round(y + (far * sun.y) / flat / mm);
    if (column < 0 || row < 0 || column >= width || row >= height) break;
    const over = ((high[row * width + column] as number) - own) / far - rise;
    open = Math.min(open, 1 - Math.min(1, Math.max(0, over / 0.35 + 0.3)));
  }
  return open;
}

/** Light that the surface throws back without its colour: a broad dull gloss, and a sharper one of oil. Source: B. T. Phong 1975, as J. F. Blinn has it. */
function sheen(
  n: { nx: number; ny: number; nz: number },
  sun: { x: number; y: number; z: number },
  oil: number,
): number {
  const half = { x: sun.x, y: sun.y, z: sun.z + 1 };
  const length = Math.hypot(half.x, half.y, half.z);
  const facing = Math.max(0, (n.nx * half.x + n.ny * half.y + n.nz * half.z) / length);
  return 0.018 * facing ** 8 + 0.11 * oil * facing ** 36;
}

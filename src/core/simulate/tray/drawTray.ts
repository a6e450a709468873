import type { Random } from '../../chance/index.ts';
import type { Picture } from '../../look/index.ts';
import { exposed } from './camera.ts';
import { type Colour, groundAt } from './grounds.ts';
import { type Heights, laid, nearBeans, openness } from './heights.ts';
import { isOnSheet, TRAY_HEIGHT, type TrayScene } from './trayScene.ts';

/** Linear light that the paper gives back. */
const PAPER: Colour = [0.872, 0.866, 0.852];

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

/** The same with how open each place lies. */
interface Shaded extends Heights {
  /** How much of the sky it sees, 0 to 1. */
  readonly open: Float32Array;
  /** 1 where a bean's shadow may fall. */
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
  { width, height, mm, high }: Heights,
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

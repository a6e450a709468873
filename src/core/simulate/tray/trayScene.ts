import { normal, type Random } from '../../chance/index.ts';

/** What the beans lie on. */
export const grounds = ['wood', 'dark wood', 'slate', 'linen', 'dark cloth', 'steel', 'plate', 'pierced tray'] as const;
/** One of `grounds`. */
export type Ground = (typeof grounds)[number];

/** A bean as it lies: lengths in millimetres, angles in radians. */
export interface TrayBean {
  readonly x: number;
  readonly y: number;
  readonly angle: number;
  readonly long: number;
  readonly broad: number;
  readonly high: number;
  /** The side with the crease is up. */
  readonly creaseUp: boolean;
  /** CIE L* of its surface. */
  readonly lightness: number;
  /** It is a pebble: grey, without a crease. */
  readonly pebble?: true;
  /** Where it is scorched, from its middle in shares of its length and breadth, and how wide; none where it is not. */
  readonly scorched?: { readonly along: number; readonly across: number; readonly radius: number };
}

/** Light as it falls on a tray. */
interface TrayLight {
  /** Colour of the light, linear, green 1. */
  readonly colour: readonly [number, number, number];
  /** How much comes from one side, 0 to 1; the rest comes from all over. */
  readonly directed: number;
  /** Where that comes from, radians on the tray, and how high. */
  readonly from: number;
  readonly height: number;
  /** How much brighter one side of the tray is than the other, as a share. */
  readonly falloff: number;
  /** A second light of another colour from the other side, where there are two. */
  readonly second?: readonly [number, number, number];
}

/** What the camera does to it. */
interface TrayCamera {
  /** Stops over (+) or under (-) what makes paper a bright grey. */
  readonly stops: number;
  /** How much of the light's colour the camera leaves, 0 to 1. */
  readonly colourLeft: number;
  /** How far the curve of the camera bends, 0 to 0.5: darker darks. */
  readonly contrast: number;
  /** Of a blur, pixels, standard deviation. */
  readonly blurPixels: number;
  /** Of noise at white, as a share. */
  readonly noise: number;
}

/** The four corners of a sheet, millimetres, going round as a clock does. */
export type Sheet = readonly { readonly x: number; readonly y: number }[];

/** All that a drawn photo shows. */
export interface TrayScene {
  readonly beans: readonly TrayBean[];
  readonly ground: Ground;
  /** How wide the picture is, millimetres. */
  readonly fieldMm: number;
  /** The corners of the sheet, millimetres; none where no paper is laid beside. */
  readonly paper?: Sheet;
  readonly light: TrayLight;
  readonly camera: TrayCamera;
  /** Sheen of the oil, 0 to 1. */
  readonly oil: number;
}

/** What beans a tray is asked for. */
export interface TrayWish {
  readonly count: number;
  /** Mean and spread of L*. */
  readonly lightness: number;
  readonly spread: number;
  readonly scorchedShare: number;
  readonly paleShare: number;
  /** The beans cover all that is not paper. */
  readonly filled?: boolean;
}

/** Height of a picture for its width. */
export const TRAY_HEIGHT = 0.75;
/** A roasted bean's length, millimetres, and how much they differ. Common knowledge: 9 to 12 mm. */
const LONG_MM = { mean: 10.4, sd: 0.8 };
/** How much lighter a pale bean is than the rest, L*. */
const PALE_BY = { least: 10, more: 6 };

/** Lays beans down one by one: mostly apart, some upon others, as they fall from a scoop. */
export function layBeans(wish: TrayWish, fieldMm: number, random: Random): TrayBean[] {
  const middle = { x: fieldMm * (0.3 + 0.06 * random()), y: fieldMm * TRAY_HEIGHT * (0.47 + 0.06 * random()) };
  const reach = Math.sqrt(wish.count) * LONG_MM.mean * 0.62;
  const beans: TrayBean[] = [];
  for (let n = 0; n < wish.count; n++) {
    let place = middle;
    // One layer deep as it should be, but nobody lays them out one by one: of a few places the freest.
    let best = Number.NEGATIVE_INFINITY;
    for (let go = 0; go < 5; go++) {
      const [way, far] = [random() * 2 * Math.PI, reach * Math.sqrt(random()) * (0.8 + 0.35 * random())];
      const tried = wish.filled
        ? { x: fieldMm * random(), y: fieldMm * TRAY_HEIGHT * random() }
        : { x: middle.x + far * Math.cos(way), y: middle.y + far * Math.sin(way) * 0.95 };
      const free = Math.min(LONG_MM.mean, ...beans.map((bean) => Math.hypot(bean.x - tried.x, bean.y - tried.y)));
      if (free > best) [best, place] = [free, tried];
    }
    beans.push(drawBean(place, wish, random));
  }
  return beans;
}

function drawBean(place: { x: number; y: number }, wish: TrayWish, random: Random): TrayBean {
  const long = LONG_MM.mean + LONG_MM.sd * normal(random);
  const pale = random() < wish.paleShare ? PALE_BY.least + PALE_BY.more * random() : 0;
  const scorched =
    random() < wish.scorchedShare
      ? { along: 0.5 * (random() - 0.5), across: 0.4 * (random() - 0.5), radius: 0.18 + 0.16 * random() }
      : undefined;
  return {
    ...place,
    angle: random() * Math.PI,
    long,
    broad: long * (0.68 + 0.06 * normal(random)),
    high: long * (0.42 + 0.03 * normal(random)),
    creaseUp: random() < 0.5,
    lightness: Math.min(60, Math.max(10, wish.lightness + wish.spread * normal(random) + pale)),
    ...(scorched && { scorched }),
  };
}

/** A sheet of paper on the right, a little askew; `filled` where beans lie all over and a corner of it shows. */
export function paperBeside(fieldMm: number, random: Random, filled = false): Sheet {
  const height = fieldMm * TRAY_HEIGHT;
  const tilt = 0.3 * (random() - 0.5);
  const left = filled ? fieldMm * (0.68 + 0.08 * random()) : fieldMm * (0.6 + 0.06 * random());
  const top = height * (filled ? 0.55 : 0.08 + 0.1 * random());
  const [cos, sin] = [Math.cos(tilt), Math.sin(tilt)];
  const [broad, long] = filled ? [fieldMm, height] : [PAPER_MM, 105 + 60 * random()];
  const corner = (x: number, y: number) => ({ x: left + x * cos - y * sin, y: top + x * sin + y * cos });
  return [corner(0, 0), corner(broad, 0), corner(broad, long), corner(0, long)];
}
/** The short side of half a sheet of office paper. */
const PAPER_MM = 148;
/** A bean whose middle lies so near to the sheet touches it. */
const TOUCHES_MM = 3;

/** Whether a place lies on a sheet, or within so many millimetres of it. */
export function isOnSheet(paper: Sheet, x: number, y: number, nearMm = 0): boolean {
  return paper.every((corner, k) => {
    const next = paper[(k + 1) % paper.length] as { x: number; y: number };
    const [dx, dy] = [next.x - corner.x, next.y - corner.y];
    return dx * (y - corner.y) - dy * (x - corner.x) >= -nearMm * Math.hypot(dx, dy);
  });
}

/** The beans that lie beside a sheet, not on it. */
export const besidePaper = (beans: readonly TrayBean[], paper: Sheet): TrayBean[] =>
  beans.filter(({ x, y }) => !isOnSheet(paper, x, y, TOUCHES_MM));

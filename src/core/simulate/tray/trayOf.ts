import { type Random, seededRandom } from '../../chance/index.ts';
import type { Picture } from '../../look/index.ts';
import { type Roast, shadeAsKnown } from '../../roast/index.ts';
import { shadeOf } from '../../shade/index.ts';
import { drawTray } from './drawTray.ts';
import { besidePaper, layBeans, paperBeside, type TrayScene, type TrayWish } from './trayScene.ts';

/** Pixels across: enough to be looked at, quickly drawn. */
const WIDTH = 800;
const FIELD_MM = 170;

/** Beans as a roast made them, L* between beans by how alike they came out. Our own figures, after those of core/roast. */
const SPREADS = { even: 1.6, someSpread: 4.2, patchy: 6.5 } as const;
const SCORCHED = { none: 0, some: 0.06, many: 0.2 } as const;
/** Patchy lots have pale beans among the rest. */
const PALE_WHERE_PATCHY = 0.07;

/** What the tray of a simulated roast shows. */
export function trayWishOf(roast: Roast): TrayWish {
  const evenness = roast.evenness ?? 'even';
  return {
    count: 84,
    lightness: shadeOf(shadeAsKnown(roast)).lightness,
    spread: SPREADS[evenness],
    scorchedShare: SCORCHED[roast.spots ?? 'none'],
    paleShare: evenness === 'patchy' ? PALE_WHERE_PATCHY : 0,
  };
}

/** A seed that belongs to an id, so that its tray is the same wherever it is drawn. Source: FNV-1a, G. Fowler, L. C. Noll, K.-P. Vo. */
export function seedOf(id: string): number {
  let hash = 2_166_136_261;
  for (let i = 0; i < id.length; i++) hash = Math.imul(hash ^ id.charCodeAt(i), 16_777_619);
  return hash >>> 0;
}

/** A tray as a photo by a window, the same each time for the same seed. */
export function trayPhoto(wish: TrayWish, seed: number): Picture {
  const random = seededRandom(seed);
  const scene = byTheWindow(wish, random);
  return drawTray(scene, WIDTH, random).picture;
}

function byTheWindow(wish: TrayWish, random: Random): TrayScene {
  const paper = paperBeside(FIELD_MM, random);
  return {
    beans: besidePaper(layBeans(wish, FIELD_MM, random), paper),
    ground: random() < 0.5 ? 'linen' : 'slate',
    fieldMm: FIELD_MM,
    paper,
    light: {
      colour: [0.97, 1, 1.06],
      directed: 0.3,
      from: random() * 2 * Math.PI,
      height: 1,
      falloff: 0.08,
    },
    camera: { stops: 0.2, colourLeft: 0.2, contrast: 0.06, blurPixels: 0.6, noise: 0.008 },
    oil: wish.lightness < 24 ? 0.5 : 0.05,
  };
}

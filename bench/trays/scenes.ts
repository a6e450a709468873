import { type Random, seededRandom } from '../../src/core/chance/index.ts';
import {
  besidePaper,
  type DrawnTray,
  drawTray,
  grounds,
  layBeans,
  paperBeside,
  type TrayScene,
  type TrayWish,
} from '../../src/core/simulate/index.ts';

/** Why a drawn photo is to be refused. */
export const refusals = ['noPaper', 'blurred', 'tooDark', 'glare', 'twoLights', 'notBeans'] as const;
export type Refusal = (typeof refusals)[number];
export const levels = ['easy', 'medium', 'hard'] as const;
export type Level = (typeof levels)[number];

/** A drawn photo with what is true of it. */
export interface Trial {
  readonly id: string;
  readonly level: Level;
  readonly refuse?: Refusal;
  readonly drawn: DrawnTray;
  readonly truth: Truth;
}

interface Truth {
  readonly medianL: number;
  readonly spreadL: number;
  readonly scorchedShare: number;
  readonly paleShare: number;
  readonly beans: number;
}

const LAMPS = {
  window: [0.97, 1, 1.06],
  cloudy: [0.92, 1, 1.14],
  bulb: [1.75, 1, 0.42],
  strip: [1.15, 1.02, 0.72],
} as const;

/** The scene of a trial: the same for the same seed. */
function sceneOf(seed: number, level: Level, refuse?: Refusal): TrayScene {
  const random = seededRandom(seed);
  const hard = levels.indexOf(level);
  const filled = level === 'hard' && random() < 0.2;
  const fieldMm = filled ? 120 + 20 * random() : 165 + 30 * random() + 25 * hard * random();
  const ground = picked(hard === 0 ? (['wood', 'slate', 'linen', 'steel'] as const) : grounds, random);
  const wish = wishFor(hard, filled, random);
  const paper = paperBeside(fieldMm, random, filled);
  const laid = layBeans(wish, fieldMm, random);
  const beside = refuse === 'noPaper' ? laid : besidePaper(laid, paper);
  return {
    beans: refuse === 'notBeans' ? beside.map((bean) => asPebble(bean, random)) : beside,
    ground,
    fieldMm,
    ...(refuse !== 'noPaper' && { paper }),
    light: lightFor(hard, refuse, random),
    camera: cameraFor(hard, refuse, random),
    oil: wish.lightness < 26 ? random() : 0.15 * random(),
  };
}

const picked = <T>(from: readonly T[], random: Random): T => from[Math.floor(random() * from.length)] as T;

const wishFor = (hard: number, filled: boolean, random: Random): TrayWish => ({
  lightness: 16 + 32 * random(),
  count: filled ? 190 : 60 + Math.round(60 * random()),
  spread: 0.8 + (1.2 + 2 * hard) * random(),
  scorchedShare: random() < 0.35 ? 0.05 + 0.25 * random() : 0,
  paleShare: random() < 0.3 ? 0.04 + 0.1 * random() : 0,
  filled,
});

const asPebble = (bean: TrayScene['beans'][number], random: Random) => ({
  ...bean,
  pebble: true as const,
  lightness: bean.lightness + 16 * (random() - 0.2),
});

function lightFor(hard: number, refuse: Refusal | undefined, random: Random): TrayScene['light'] {
  const lamp = picked(
    hard === 0 ? (['window', 'cloudy'] as const) : (['window', 'cloudy', 'bulb', 'strip'] as const),
    random,
  );
  const light = {
    colour: LAMPS[lamp],
    directed: lamp === 'cloudy' ? 0.15 + 0.2 * random() : 0.4 + 0.3 * random(),
    from: random() * 2 * Math.PI,
    height: 0.6 + 0.6 * random(),
    falloff: (0.1 + 0.25 * hard) * random(),
  };
  if (refuse !== 'twoLights') return light;
  return { ...light, colour: LAMPS.bulb, second: random() < 0.5 ? [1, 1, 1] : [0.8, 1, 1.4] };
}

function cameraFor(hard: number, refuse: Refusal | undefined, random: Random): TrayScene['camera'] {
  const usual = {
    stops: (random() - 0.6) * (0.6 + 0.5 * hard),
    colourLeft: 0.5 * random() * (hard > 0 ? 1 : 0.4),
    contrast: random() * (0.08 + 0.07 * hard),
    blurPixels: random() < 0.5 ? 0.6 : 1 + 0.3 * hard * random(),
    noise: 0.008 + 0.012 * hard * random(),
  };
  switch (refuse) {
    case 'tooDark':
      return { ...usual, stops: -5 - random() };
    case 'glare':
      return { ...usual, stops: 1.8 + random() };
    case 'blurred':
      return { ...usual, blurPixels: 5 + 3 * random() };
    case 'twoLights':
      return { ...usual, colourLeft: 0.4 };
    default:
      return usual;
  }
}

/** Draws a trial. */
export function trialOf(seed: number, level: Level, refuse?: Refusal, width = 1000): Trial {
  const scene = sceneOf(seed, level, refuse);
  const drawn = drawTray(scene, width, seededRandom(seed + 7));
  return {
    id: `${level}-${seed}${refuse ? `-${refuse}` : ''}`,
    level,
    ...(refuse && { refuse }),
    drawn,
    truth: truthOf(scene, drawn),
  };
}

/** The same beans in the same light, through two cameras. */
export function throughTwoCameras(seed: number, level: Level, width: number): readonly [DrawnTray, DrawnTray] {
  const scene = sceneOf(seed, level);
  const camera = cameraFor(levels.indexOf(level), undefined, seededRandom(seed + 13));
  const draw = (through: TrayScene['camera']) => drawTray({ ...scene, camera: through }, width, seededRandom(seed + 7));
  return [draw(scene.camera), draw(camera)];
}

/** Of a bean so much has to be seen before it counts, as a share of its outline; scorched from so much of that. */
const SEEN = 0.4;
const SCORCHED = 0.08;
/** Pale is lighter than the middle by so much, L*. */
const PALE_BY = 9;

function truthOf(scene: TrayScene, { bean, scorched, picture }: DrawnTray): Truth {
  const mm = scene.fieldMm / picture.width;
  const seen = new Float64Array(scene.beans.length);
  const black = new Float64Array(scene.beans.length);
  for (const [i, n] of bean.entries()) {
    if (n < 0) continue;
    seen[n] = (seen[n] as number) + 1;
    if (scorched[i]) black[n] = (black[n] as number) + 1;
  }
  const counted = scene.beans.flatMap((each, n) =>
    (seen[n] as number) * mm * mm >= SEEN * 0.25 * Math.PI * each.long * each.broad ? [{ each, n }] : [],
  );
  const lightness = counted.map(({ each }) => each.lightness).sort((a, b) => a - b);
  const medianL = lightness[lightness.length >> 1] as number;
  const mean = lightness.reduce((a, b) => a + b, 0) / lightness.length;
  const share = (many: number) => many / counted.length;
  return {
    medianL,
    spreadL: Math.sqrt(lightness.reduce((sum, l) => sum + (l - mean) ** 2, 0) / lightness.length),
    scorchedShare: share(counted.filter(({ n }) => (black[n] as number) >= SCORCHED * (seen[n] as number)).length),
    paleShare: share(counted.filter(({ each }) => each.lightness >= medianL + PALE_BY).length),
    beans: counted.length,
  };
}

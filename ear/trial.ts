import { seededRandom } from '../src/core/chance/index.ts';
import { type CrackCourse, type Ear, type HeardCrack, Listener } from '../src/core/listen/index.ts';
import { type Kinds, makeScene, roastRates, type Scene, type TrueCrack } from './scene.ts';

/** How an ear did on one scene. */
export interface Trial {
  readonly snrDb: number;
  readonly truth: CrackCourse;
  readonly heard: CrackCourse;
  /** When each milestone was told, seconds. */
  readonly toldAt: Partial<Record<keyof CrackCourse, number>>;
  readonly hits: number;
  readonly told: number;
  readonly cracks: number;
  readonly made: Scene['made'];
  /** Times real time. */
  readonly speed: number;
}

const ROAST_S = 260;
const KITCHEN_S = 200;
const NEAR_S = 0.05;
/** Onsets are told so long after they begin. */
const LAG_S = 0.0015;

/** Whole roasts of these kinds, and as many kitchens without any as `empty` says, heard by an ear. */
export function* trials(ear: Ear, kinds: Kinds, seed: number, roasts: number, empty: number): Generator<Trial> {
  for (let i = 0; i < roasts + empty; i++) {
    const random = seededRandom(seed * 1009 + i * 31 + 7);
    random();
    const isRoast = i < roasts;
    const scene = makeScene(Math.floor(random() * 2 ** 31), {
      seconds: isRoast ? ROAST_S : KITCHEN_S,
      rates: isRoast ? roastRates(random) : undefined,
      kinds,
      snrDb: 12 + 12 * random(),
    });
    yield trialOf(ear, scene);
  }
}

function trialOf(ear: Ear, scene: Scene): Trial {
  const listener = new Listener({ sampleRate: scene.sampleRate, ear });
  const heard: HeardCrack[] = [];
  const toldAt: Partial<Record<keyof CrackCourse, number>> = {};
  const begun = performance.now();
  const block = Math.round(scene.sampleRate / 10);
  for (let from = 0; from < scene.samples.length; from += block) {
    heard.push(...listener.push(scene.samples.subarray(from, from + block)));
    const { course, now } = listener.state();
    for (const key of ['firstCrack', 'firstCrackEnd', 'secondCrack'] as const)
      if (course[key] !== null) toldAt[key] ??= now;
  }
  const speed = (scene.seconds * 1000) / (performance.now() - begun);
  const hits = matched(
    scene.cracks,
    heard.map(({ at }) => at - LAG_S),
  );
  return {
    snrDb: scene.made.snrDb,
    truth: scene.truth,
    heard: listener.state().course,
    toldAt,
    hits,
    told: heard.length,
    cracks: scene.cracks.length,
    made: scene.made,
    speed,
  };
}

/** Pairs of a crack and an answer within 50 ms, each used once; both in order of time. */
function matched(cracks: readonly TrueCrack[], answers: readonly number[]): number {
  let [hits, a] = [0, 0];
  for (const { at } of cracks) {
    while (a < answers.length && (answers[a] as number) < at - NEAR_S) a++;
    if (a >= answers.length || (answers[a] as number) > at + NEAR_S) continue;
    hits++;
    a++;
  }
  return hits;
}

/** Figures of many trials. */
export function figuresOf(all: readonly Trial[]) {
  const roasts = all.filter(({ truth }) => truth.firstCrack !== null);
  const within = (key: keyof CrackCourse) => {
    const due = roasts.filter(({ truth }) => truth[key] !== null);
    return share(due, ({ truth, heard }) => heard[key] !== null && Math.abs(heard[key] - (truth[key] as number)) <= 10);
  };
  const empty = all.filter(({ truth }) => truth.firstCrack === null && truth.secondCrack === null);
  const delays = roasts
    .flatMap(({ truth, heard, toldAt }) =>
      heard.firstCrack !== null && Math.abs(heard.firstCrack - (truth.firstCrack as number)) <= 10
        ? [(toldAt.firstCrack as number) - (truth.firstCrack as number)]
        : [],
    )
    .sort((a, b) => a - b);
  const f1 = (some: readonly Trial[]) => {
    const [hits, told, cracks] = (['hits', 'told', 'cracks'] as const).map((key) =>
      some.reduce((sum, each) => sum + each[key], 0),
    ) as [number, number, number];
    return (2 * hits) / (told + cracks);
  };
  return {
    firstCrack: within('firstCrack'),
    firstCrackEnd: within('firstCrackEnd'),
    secondCrack: within('secondCrack'),
    falseKitchens: share(empty, ({ heard }) => heard.firstCrack !== null || heard.secondCrack !== null),
    toldAfterS: { median: delays[delays.length >> 1], ninth: delays[Math.floor(delays.length * 0.9)] },
    f1: {
      all: f1(all),
      easy: f1(roasts.filter(({ snrDb }) => snrDb >= 20)),
      medium: f1(roasts.filter(({ snrDb }) => snrDb < 20)),
    },
    speed: all.map(({ speed }) => speed).sort((a, b) => a - b)[all.length >> 1],
  };
}

const share = <T>(all: readonly T[], holds: (each: T) => boolean) =>
  all.length === 0 ? undefined : all.filter(holds).length / all.length;

import { type Look, lookAt, type Measure } from '../src/core/look/index.ts';
import { type Figure, printFigures, quantile } from './report.ts';
import { type Level, levels, refusals, type Trial, throughTwoCameras, trialOf } from './trays/scenes.ts';

/** Of each level, and of each reason to refuse. */
const MEASURED = 14;
const REFUSED = 4;
/** Scenes that nobody looked at while the measure was made. */
const SEED = 20_262_200;
/** Pixels across: an eighth of a large photo. */
const WIDTH = 900;

interface Seen {
  readonly trial: Trial;
  readonly look: Look;
  readonly ms: number;
}

/** How the measure of photos does on drawn trays of our own. */
export function printLooking(): void {
  let seed = SEED;
  const seen: Seen[] = [];
  const see = (level: Level, refuse?: (typeof refusals)[number]) => {
    const trial = trialOf(seed++, level, refuse, WIDTH);
    const begun = performance.now();
    const look = lookAt(trial.drawn.picture);
    seen.push({ trial, look, ms: performance.now() - begun });
  };
  for (const level of levels) for (let k = 0; k < MEASURED; k++) see(level);
  for (const refuse of refusals) for (let k = 0; k < REFUSED; k++) see(levels[k % levels.length] as Level, refuse);
  const figures = [...measuredFigures(seen), cameraFigure(seed), ...refusedFigures(seen)];
  printFigures(`Looking: ${seen.length} drawn trays`, figures);
}

function measuredFigures(seen: readonly Seen[]): Figure[] {
  const all = seen.filter(({ trial }) => !trial.refuse);
  const told = all.flatMap(({ trial, look }) =>
    look.kind === 'measured'
      ? [{ trial, measure: look.measure, error: look.measure.medianL - trial.truth.medianL }]
      : [],
  );
  const size = (of: typeof told) => mean(of.map(({ error }) => Math.abs(error)));
  const within = told.filter(({ error }) => Math.abs(error) <= 3).length / all.length;
  const inRange = told.filter(
    ({ trial, measure }) => trial.truth.medianL >= measure.range.least && trial.truth.medianL <= measure.range.most,
  );
  const share = (value: number) => 100 * value;
  const alike = (key: 'spreadL' | 'scorchedShare' | 'paleShare') => {
    const pairs = told.filter(({ measure }) => measure[key] !== undefined);
    return correlation(
      pairs.map(({ measure }) => measure[key] as number),
      pairs.map(({ trial }) => trial.truth[key]),
    );
  };
  const counted = told.filter(
    (each): each is typeof each & { measure: Measure & { beans: number } } => each.measure.beans !== undefined,
  );
  return [
    { what: 'L*, mean error', value: size(told), unit: 'L*', most: 3 },
    ...levels.map((level, k) => ({
      what: `the same, ${level}`,
      value: size(told.filter(({ trial }) => trial.level === level)),
      unit: 'L*',
      most: [2, 2.5, 4][k] as number,
    })),
    { what: 'within 3 L*, of all to be measured', value: share(within), unit: '%', least: 60 },
    { what: 'bias, either way', value: Math.abs(mean(told.map(({ error }) => error))), unit: 'L*', most: 1 },
    { what: 'the truth within the told range', value: share(inRange.length / told.length), unit: '%', least: 70 },
    { what: 'spread, correlation', value: alike('spreadL'), unit: '', least: 0.5 },
    { what: 'scorched share, correlation', value: alike('scorchedShare'), unit: '', least: 0.6 },
    { what: 'pale share, correlation', value: alike('paleShare'), unit: '', least: 0.6 },
    {
      what: 'number of beans where told, mean error',
      value: mean(counted.map(({ trial, measure }) => Math.abs(measure.beans / trial.truth.beans - 1))),
      unit: '',
      most: 0.2,
    },
    { what: 'sound photos refused', value: share(1 - told.length / all.length), unit: '%', most: 10 },
    {
      what: 'one photo, median',
      value: quantile(
        seen.map(({ ms }) => ms),
        0.5,
      ),
      unit: 'ms',
      most: 1500,
    },
  ];
}

/** How far two cameras differ over the same beans. */
function cameraFigure(seed: number): Figure {
  const apart = levels.flatMap((level, k) =>
    [0, 1].flatMap((n) => {
      const [one, other] = throughTwoCameras(seed + 2 * k + n, level, WIDTH).map(({ picture }) => lookAt(picture));
      return one?.kind === 'measured' && other?.kind === 'measured'
        ? [Math.abs(one.measure.medianL - other.measure.medianL)]
        : [];
    }),
  );
  return { what: 'the same beans through two cameras, mean difference', value: mean(apart), unit: 'L*', most: 3 };
}

function refusedFigures(seen: readonly Seen[]): Figure[] {
  const due = seen.filter(({ trial }) => trial.refuse);
  const refused = due.filter(({ look }) => look.kind === 'refused');
  return [{ what: 'photos to be refused: refused', value: (100 * refused.length) / due.length, unit: '%', least: 83 }];
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

function correlation(a: readonly number[], b: readonly number[]): number {
  const [middleA, middleB] = [mean(a), mean(b)];
  const together = a.reduce((sum, value, i) => sum + (value - middleA) * ((b[i] as number) - middleB), 0);
  const apart = (values: readonly number[], middle: number) =>
    Math.sqrt(values.reduce((sum, value) => sum + (value - middle) ** 2, 0));
  return together / (apart(a, middleA) * apart(b, middleB));
}

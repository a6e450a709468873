import { sort, sum } from 'd3-array';

/** Roasted coffee on the shelf, or to come. Days are whole numbers, 0 is today. */
export interface StockJar {
  readonly grams: number;
  /** Roasted on this day; before today when absent. */
  readonly fromDay?: number;
  /** From this day on it has rested. */
  readonly readyDay: number;
  /** Up to and with this day it is drunk. */
  readonly lastDay: number;
}

/** What a day to come has. */
interface StockDay {
  readonly day: number;
  /** Rested coffee at the end of the day, grams. */
  readonly readyGrams: number;
  readonly restingGrams: number;
  /** Wanted and not there, grams. */
  readonly shortGrams: number;
  /** Past its time and not drunk, grams; they leave the stock on this day. */
  readonly pastGrams: number;
  /** A roast is due. */
  readonly roastDue: boolean;
}

/** A day to roast on. */
interface RoastDayAhead {
  readonly day: number;
  /** Batches that are still to be put on its list. */
  readonly batches: number;
  /** What is on its list already. */
  readonly planned: PlannedDay | undefined;
}

/** What is on a day's list already. */
export interface PlannedDay {
  readonly day: number;
  readonly batches: number;
  /** What they give together, roasted grams. */
  readonly grams: number;
}

/** What is to be roasted, when and how often, so that nobody runs short. */
export interface StockPlan {
  readonly days: readonly StockDay[];
  readonly roasts: readonly RoastDayAhead[];
  /** Days on which to roast, the first is the next one. */
  readonly roastDays: readonly number[];
  /** The first day without enough rested coffee if nobody roasts; undefined when it lasts throughout. */
  readonly runsOutDay: number | undefined;
}

/** What the plan ahead is made from. */
export interface StockQuestion {
  readonly jars: readonly StockJar[];
  /** Drunk in a day by the whole household, grams. */
  readonly gramsPerDay: number;
  /** What one batch gives, grams. */
  readonly roastGrams: number;
  /** Batches that will be roasted whatever else is, in the order of the days, each once; none when absent. */
  readonly planned?: readonly PlannedDay[] | undefined;
  /** What is drunk on a day besides, or 0 to nothing at all: guests and holidays; as on every day when absent. */
  readonly gramsOn?: ((day: number) => number) | undefined;
  /** Whether there may be roasting on a day; on every one when absent. */
  readonly mayRoast?: ((day: number) => boolean) | undefined;
  /** Batches that one day has time for; as many as are needed when absent. */
  readonly mostBatches?: number | undefined;
  /** From the roast to the day by which it should be drunk for several batches to be roasted at once; until it fades when absent. */
  readonly freshDays?: number | undefined;
  /** Several batches at once as far as they stay fresh, so that there are few roast days; else no more than is needed. */
  readonly fewDays?: boolean | undefined;
  /** Whole days from roast to ready, and to the last day it is drunk. */
  readonly restDays: number;
  readonly lastDays: number;
  readonly horizonDays?: number;
}

const HORIZON_DAYS = 28;

/**
 * Stock day by day for the next 28. Whenever the household would run short, roasts are put on the last allowed day that
 * still lets them rest in time: as many batches as the day has time for and as will be drunk fresh, or just as many as
 * are needed. What is planned already counts first. What goes past first is drunk first (handbook, sections 8, 11 and 14).
 * Throws RangeError unless use, roast and rest are sensible.
 */
export function stockAhead(question: StockQuestion): StockPlan {
  const { gramsPerDay, roastGrams, restDays, lastDays, horizonDays = HORIZON_DAYS } = question;
  const { gramsOn = () => gramsPerDay, mayRoast = () => true, freshDays = lastDays, fewDays = false } = question;
  const { mostBatches = Number.POSITIVE_INFINITY, planned = [] } = question;
  if (!(gramsPerDay > 0)) throw new RangeError(`gramsPerDay must be above 0 g, got ${gramsPerDay} g`);
  if (!(roastGrams > 0)) throw new RangeError(`roastGrams must be above 0 g, got ${roastGrams} g`);
  if (!(restDays >= 0 && lastDays > restDays))
    throw new RangeError(`restDays must be from 0 and below lastDays, got ${restDays} and ${lastDays} days`);
  if (!(mostBatches >= 1)) throw new RangeError(`mostBatches must be 1 or more, got ${mostBatches}`);
  const alone = drink(question.jars, gramsOn, horizonDays);
  const batches = new Map<number, number>();
  const plannedOn = new Map(planned.map((each) => [each.day, each]));
  const roasted = (day: number, grams: number): StockJar => ({
    grams,
    fromDay: day,
    readyDay: day + restDays,
    lastDay: day + lastDays,
  });
  const certain = [...question.jars, ...planned.map(({ day, grams }) => roasted(day, grams))];
  const jarsWith = (more: ReadonlyMap<number, number>) => [
    ...certain,
    ...[...more].map(([day, count]) => roasted(day, count * roastGrams)),
  ];
  /** Whether what is roasted on a day, so many batches of it, is drunk while it is fresh. */
  const staysFresh = (day: number, count: number) => {
    const jars = jarsWith(new Map([...batches, [day, count]])).map((jar) =>
      jar.fromDay === day ? { ...jar, lastDay: day + freshDays } : jar,
    );
    const past = sum(drink(jars, gramsOn, day + freshDays + 2), ({ pastGrams }) => pastGrams);
    const without = drink(jarsWith(batches), gramsOn, day + freshDays + 2).reduce(
      (sum, each) => sum + each.pastGrams,
      0,
    );
    return past - without <= SLACK_GRAMS;
  };
  const add = (day: number) => {
    const now = batches.get(day) ?? 0;
    let count = now + 1;
    while (fewDays && now === 0 && count < roomOn(day) && staysFresh(day, count + 1)) count++;
    batches.set(day, count);
  };
  const roomOn = (day: number) => mostBatches - (plannedOn.get(day)?.batches ?? 0);
  const hasRoom = (day: number) => mayRoast(day) && (batches.get(day) ?? 0) < roomOn(day);
  /** Few days: a day that is planned anyway takes more before another one is begun. */
  const planMoreOn = (latest: number) =>
    fewDays
      ? planned.findLast(({ day }) => day <= latest && hasRoom(day) && staysFresh(day, (batches.get(day) ?? 0) + 1))
          ?.day
      : undefined;
  // A shortage before today's roast has rested cannot be helped; each later one gets the latest roast that still helps.
  let helpedFrom = restDays;
  for (;;) {
    const short = drink(jarsWith(batches), gramsOn, horizonDays).find(
      ({ day, shortGrams }) => shortGrams > SLACK_GRAMS && day >= helpedFrom,
    );
    if (!short) break;
    const latest = short.day - restDays;
    const inTime = planMoreOn(latest) ?? daysBack(latest).find(hasRoom);
    // No allowed day is left in time: the first one after it, and the days until then stay short.
    const day = inTime ?? daysFrom(latest + 1, horizonDays).find(hasRoom);
    if (day === undefined) break;
    add(day);
    if (inTime === undefined) helpedFrom = Math.max(helpedFrom, day + restDays);
  }
  const onDays = [...new Set([...plannedOn.keys(), ...batches.keys()])].filter((day) => day < horizonDays);
  const roasts = sort(onDays).map((day) => ({
    day,
    batches: batches.get(day) ?? 0,
    planned: plannedOn.get(day),
  }));
  return {
    days: drink(jarsWith(batches), gramsOn, horizonDays).map((each) => ({
      ...each,
      roastDue: onDays.includes(each.day),
    })),
    roasts,
    roastDays: roasts.map(({ day }) => day),
    runsOutDay: alone.find(({ shortGrams }) => shortGrams > SLACK_GRAMS)?.day,
  };
}

const daysBack = (from: number) => Array.from({ length: Math.max(0, from + 1) }, (_, i) => from - i);
const daysFrom = (from: number, before: number) =>
  Array.from({ length: Math.max(0, before - Math.max(0, from)) }, (_, i) => Math.max(0, from) + i);

/** A gram short is no shortage. */
const SLACK_GRAMS = 1;

function drink(
  jars: readonly StockJar[],
  gramsOn: (day: number) => number,
  horizonDays: number,
): Omit<StockDay, 'roastDue'>[] {
  const left = jars.map((jar) => ({ ...jar })).sort((a, b) => a.lastDay - b.lastDay || a.readyDay - b.readyDay);
  return Array.from({ length: horizonDays }, (_, day) => {
    let wanted = gramsOn(day);
    let pastGrams = 0;
    for (const jar of left) {
      if (jar.lastDay < day) {
        pastGrams += jar.grams;
        jar.grams = 0;
      } else if (jar.readyDay <= day) {
        const taken = Math.min(jar.grams, wanted);
        jar.grams -= taken;
        wanted -= taken;
      }
    }
    // What a roast to come will give is not on the shelf before its day; it rests from then on.
    const there = left.filter(({ fromDay }) => fromDay === undefined || fromDay <= day);
    const sum = (ready: boolean) =>
      there.filter((jar) => jar.readyDay <= day === ready).reduce((grams, jar) => grams + jar.grams, 0);
    return { day, readyGrams: sum(true), restingGrams: sum(false), shortGrams: wanted, pastGrams };
  });
}

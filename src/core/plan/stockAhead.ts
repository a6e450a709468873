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

export interface StockDay {
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

export interface StockPlan {
  readonly days: readonly StockDay[];
  /** Days on which to roast, the first is the next one. */
  readonly roastDays: readonly number[];
  /** The first day without enough rested coffee if nobody roasts; undefined when it lasts throughout. */
  readonly runsOutDay: number | undefined;
}

export interface StockQuestion {
  readonly jars: readonly StockJar[];
  /** Drunk in a day by the whole household, grams. */
  readonly gramsPerDay: number;
  /** What one roast day gives, grams. */
  readonly roastGrams: number;
  /** Whole days from roast to ready, and to the last day it is drunk. */
  readonly restDays: number;
  readonly lastDays: number;
  readonly horizonDays?: number;
}

const HORIZON_DAYS = 28;

/**
 * Stock day by day for the next 28, with a roast put on the last day that still lets it rest before the household runs
 * short. What goes past first is drunk first (handbook, sections 8 and 11).
 * Throws RangeError unless use, roast and rest are sensible.
 */
export function stockAhead(question: StockQuestion): StockPlan {
  const { gramsPerDay, roastGrams, restDays, lastDays, horizonDays = HORIZON_DAYS } = question;
  if (!(gramsPerDay > 0)) throw new RangeError(`gramsPerDay must be above 0 g, got ${gramsPerDay} g`);
  if (!(roastGrams > 0)) throw new RangeError(`roastGrams must be above 0 g, got ${roastGrams} g`);
  if (!(restDays >= 0 && lastDays > restDays))
    throw new RangeError(`restDays must be from 0 and below lastDays, got ${restDays} and ${lastDays} days`);
  const alone = drink(question.jars, gramsPerDay, horizonDays);
  const roastDays: number[] = [];
  const jars = [...question.jars];
  const isShort = ({ day, shortGrams }: Omit<StockDay, 'roastDue'>) => shortGrams > SLACK_GRAMS && day >= restDays;
  // A shortage before today's roast has rested cannot be helped; each later one gets the latest roast that still helps.
  for (;;) {
    const short = drink(jars, gramsPerDay, horizonDays).find(isShort);
    if (!short) break;
    const day = short.day - restDays;
    roastDays.push(day);
    jars.push({ grams: roastGrams, fromDay: day, readyDay: short.day, lastDay: day + lastDays });
  }
  const due = [...new Set(roastDays)];
  return {
    days: drink(jars, gramsPerDay, horizonDays).map((each) => ({ ...each, roastDue: due.includes(each.day) })),
    roastDays: due,
    runsOutDay: alone.find(({ shortGrams }) => shortGrams > SLACK_GRAMS)?.day,
  };
}

/** A gram short is no shortage. */
const SLACK_GRAMS = 1;

function drink(jars: readonly StockJar[], gramsPerDay: number, horizonDays: number): Omit<StockDay, 'roastDue'>[] {
  const left = jars.map((jar) => ({ ...jar })).sort((a, b) => a.lastDay - b.lastDay || a.readyDay - b.readyDay);
  return Array.from({ length: horizonDays }, (_, day) => {
    let wanted = gramsPerDay;
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

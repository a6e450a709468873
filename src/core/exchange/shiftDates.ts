import { dayId } from '../plan/index.ts';
import { DAY_MS } from '../units/index.ts';
import type { Notebook } from './notebook.ts';

/**
 * Moves every date of a notebook by whole days, so that the demo household stays four months old.
 * `days` may be negative; a broken number throws RangeError.
 */
export function shiftDates(notebook: Notebook, days: number): Notebook {
  if (!Number.isInteger(days)) throw new RangeError(`days must be a whole number, got ${days} days`);
  const moved = (iso: string) => new Date(Date.parse(iso) + days * DAY_MS).toISOString();
  const maybe = (iso: string | undefined) => (iso === undefined ? undefined : moved(iso));
  const movedDay = (day: string) => moved(`${day}T00:00:00.000Z`).slice(0, 10);
  const maybeDay = (day: string | undefined) => (day === undefined ? undefined : movedDay(day));
  return {
    ...notebook,
    savedAt: moved(notebook.savedAt),
    lots: notebook.lots.map((lot) =>
      dropUndefined({
        ...lot,
        createdAt: moved(lot.createdAt),
        removedAt: maybe(lot.removedAt),
        arrivedOn: maybeDay(lot.arrivedOn),
        packs: lot.packs.map((pack) => dropUndefined({ ...pack, boughtOn: maybeDay(pack.boughtOn) })),
        weighings: lot.weighings?.map((weighing) => ({ ...weighing, weighedAt: moved(weighing.weighedAt) })),
      }),
    ),
    gear: notebook.gear.map((gear) =>
      dropUndefined({ ...gear, createdAt: moved(gear.createdAt), removedAt: maybe(gear.removedAt) }),
    ),
    roasts: notebook.roasts.map((roast) =>
      dropUndefined({
        ...roast,
        createdAt: moved(roast.createdAt),
        preheatedAt: maybe(roast.preheatedAt),
        chargedAt: maybe(roast.chargedAt),
        chargePressedAt: maybe(roast.chargePressedAt),
      }),
    ),
    jars: notebook.jars.map((jar) => ({
      ...jar,
      events: jar.events.map((event) => ({ ...event, doneAt: moved(event.doneAt) })),
    })),
    cups: notebook.cups.map((cup) => ({ ...cup, tastedAt: moved(cup.tastedAt) })),
    flights: notebook.flights.map((flight) =>
      dropUndefined({
        ...flight,
        createdAt: moved(flight.createdAt),
        endedAt: maybe(flight.endedAt),
        trials: flight.trials.map((trial) => dropUndefined({ ...trial, answeredAt: maybe(trial.answeredAt) })),
      }),
    ),
    recipes: notebook.recipes.map((recipe) => ({ ...recipe, createdAt: moved(recipe.createdAt) })),
    experiments: notebook.experiments.map((experiment) =>
      dropUndefined({
        ...experiment,
        createdAt: moved(experiment.createdAt),
        answeredAt: maybe(experiment.answeredAt),
      }),
    ),
    journalViews: notebook.journalViews,
    days: notebook.days.map((day) => {
      const date = movedDay(day.date);
      return { ...day, id: dayId(date), date, createdAt: moved(day.createdAt) };
    }),
  };
}

function dropUndefined<T extends object>(row: T): T {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)) as T;
}

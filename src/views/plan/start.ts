import type { DayBatch, RoastDay } from '@/core/plan';
import type { Guide } from '@/core/recipe';
import type { Roast } from '@/core/roast';
import { database } from '@/store/current';
import { addBatches } from '@/store/days';
import { type RoastSetUp, startRoast } from '@/store/roasting';
import type { PlanFrom } from './planFrom';
import type { Choices } from './useChoices';
import type { Planned } from './usePlanned';

interface Beginning {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly earlier: Roast | undefined;
  /** The roast day it belongs to. */
  readonly day: RoastDay;
  readonly batch: DayBatch | undefined;
  readonly from: PlanFrom | undefined;
  /** The times of the recipe that is followed. */
  readonly guide: Guide | undefined;
  readonly how: 'charge' | 'preheat';
  readonly nowMs: number;
}

/** Starts the roast, or the first of several batches, which then make a roast day. Gives the roast, or the one that keeps the gear busy. */
export async function begin({ choices, planned, earlier, day, batch, from, guide, how, nowMs }: Beginning) {
  const several = !batch && (planned.batches?.batches ?? 1) > 1;
  const added = several ? await toDay(choices, planned, day) : undefined;
  const batchId = batch?.id ?? added?.[0]?.id;
  const started = await startRoast(
    database(),
    {
      ...setUpOf(choices, planned, earlier),
      ...(from?.kind === 'recipe' ? { recipeId: from.recipe.id } : {}),
      ...(guide ? { guide } : {}),
    },
    how,
    nowMs,
    {
      ofDay: batchId ? { date: day.date, batchId } : undefined,
      experimentId: from?.kind === 'experiment' ? from.experiment.id : undefined,
    },
  );
  return started.kind === 'started'
    ? { kind: 'started' as const, id: started.roast.id }
    : { kind: 'gearBusy' as const, id: started.roastId };
}

/** Puts the batches on a roast day and gives them. */
export async function toDay(choices: Choices, planned: Planned, { date }: RoastDay): Promise<DayBatch[]> {
  const { batches } = planned;
  if (!batches) return [];
  const one = {
    lotId: planned.stock.lot.id,
    gearId: planned.gear.id,
    greenGrams: tenths(batches.greenGramsEach),
    shade: choices.shade,
  };
  const change = await addBatches(database(), date, Array(batches.batches).fill(one));
  const [row] = change;
  return row?.table === 'days' ? (row.after?.batches.slice(-batches.batches) ?? []) : [];
}

/** The facts of the roast to come; nothing that was not chosen is written down. */
export function setUpOf(choices: Choices, planned: Planned, earlier: Roast | undefined): RoastSetUp {
  return {
    lotId: planned.stock.lot.id,
    gearId: planned.gear.id,
    greenGrams: tenths(planned.batches?.greenGramsEach ?? 0),
    wantedShade: choices.shade,
    pullRule: choices.rule,
    ...(choices.moves.length > 0 ? { plannedMoves: [...choices.moves] } : {}),
    ...(choices.parts ? { plannedParts: [...choices.parts] } : {}),
    place: choices.place,
    ...(planned.ambientC === undefined ? {} : { ambientC: planned.ambientC }),
    ...(planned.wind === undefined ? {} : { wind: planned.wind }),
    ...(planned.hotForMin > 0 ? { gearHot: true as const } : {}),
    ...(earlier ? { follows: earlier.id } : {}),
  };
}

const tenths = (grams: number) => Math.round(grams * 10) / 10;

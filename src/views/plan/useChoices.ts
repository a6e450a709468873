import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Chosen } from '@/core/experiment';
import { type Gear, methodOf, usualGramsOf } from '@/core/gear';
import { type DayBatch, equalParts, schoolsFor, stagedShades } from '@/core/plan';
import type { PlannedMove, PlannedPart, PullRule, Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { type WeightUnit, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import type { LotStock } from '@/store/larder';
import { lastRoast } from '@/store/queries';
import type { AmountKind } from './amount';

/** What is chosen so far; the amount as typed, so that a slip can be put right. */
export interface Choices {
  readonly lotId: string;
  readonly gearId: string;
  readonly amountText: string;
  readonly amountKind: AmountKind;
  /** For a jar by a day: `2026-11-28`. */
  readonly readyBy: string;
  readonly shade: ShadeNumber;
  readonly rule: PullRule;
  readonly moves: readonly PlannedMove[];
  /** A staged pull; none for a single one. */
  readonly parts: readonly PlannedPart[] | undefined;
  readonly place: Roast['place'];
}

/** Where the choices come from when the page opens. */
export interface Begin {
  /** The roast to be repeated. */
  readonly earlier: Roast | undefined;
  /** The batch of a roast day that is to be roasted now. */
  readonly batch: DayBatch | undefined;
  /** An experiment or a recipe, with what it asks for. */
  readonly from: { readonly chosen: Chosen } | undefined;
}

/**
 * The choices, filled from the batch or the roast to be repeated, else from the last roast on the gear, else from what is
 * usual. Undefined until the journal was looked at.
 */
export function useChoices(gear: readonly Gear[], lots: readonly LotStock[], unit: WeightUnit, begin: Begin) {
  const [choices, setChoices] = useState<Choices>();
  const wantedGear = begin.batch?.gearId ?? begin.from?.chosen.gearId ?? begin.earlier?.gearId;
  const last = useLiveQuery(async () => ({ roast: await lastRoast(database(), wantedGear) }), [wantedGear]);
  const ready = last !== undefined;
  // biome-ignore lint/correctness/useExhaustiveDependencies: filled once, when the journal has answered; typing must not be overwritten
  useEffect(() => {
    if (!ready || choices) return;
    const filled = fill(begin.from?.chosen ?? begin.earlier ?? last.roast, gear, lots, unit, wantedGear);
    setChoices(begin.batch ? ofBatch(filled, begin.batch, gear, unit) : filled);
  }, [ready]);

  const choose = (some: Partial<Choices>) =>
    setChoices((now) => {
      if (!now) return now;
      const next = { ...now, ...some };
      const its = gear.find((each) => each.id === next.gearId);
      return its ? fitting(next, its) : next;
    });
  const chooseGear = async (gearId: string) => {
    const roast = await lastRoast(database(), gearId);
    setChoices((now) => {
      if (!now) return now;
      const filled = fill(roast ?? undefined, gear, lots, unit, gearId);
      return roast ? filled : { ...filled, lotId: now.lotId, shade: now.shade, place: filled.place ?? now.place };
    });
  };
  return { choices, choose, chooseGear };
}

/** A rule that makes no sense on the gear or for the shade gives way to the first that does; parts follow the shade. */
function fitting(choices: Choices, gear: Gear): Choices {
  const schools = schoolsFor(gear, choices.shade);
  const { parts, shade } = choices;
  const rule = schools.some(({ kind }) => kind === choices.rule.kind) ? choices.rule : usualRule(gear, shade);
  const around = parts?.some((part) => part.shade === shade);
  return { ...choices, rule, parts: parts && !around ? equalParts(stagedShades(shade, parts.length)) : parts };
}

/** The rule to start from on a piece of gear. */
export function usualRule(gear: Gear, shade: ShadeNumber): PullRule {
  const [first] = schoolsFor(gear, shade);
  const { pull, firstCrack } = methodOf(gear.method);
  return first?.usual(shade, pull.medianS - firstCrack.medianS) ?? { kind: 'colour' };
}

function fill(
  roast: Chosen | undefined,
  gear: readonly Gear[],
  lots: readonly LotStock[],
  unit: WeightUnit,
  gearId: string | undefined,
): Choices {
  const its = gear.find((each) => each.id === (gearId ?? roast?.gearId)) ?? (gear[0] as Gear);
  const lot = lots.find((each) => each.lot.id === roast?.lotId) ?? lots[0];
  const grams = roast && roast.gearId === its.id ? roast.greenGrams : usualGramsOf(its);
  const shade = roast?.wantedShade ?? 4;
  return fitting(
    {
      lotId: lot?.lot.id ?? '',
      gearId: its.id,
      amountText: `${weightFieldText(grams, unit)} ${unit}`,
      amountKind: 'green',
      readyBy: '',
      shade,
      rule: roast?.pullRule ?? usualRule(its, shade),
      moves: roast?.gearId === its.id ? (roast.plannedMoves ?? []) : [],
      parts: undefined,
      place: roast?.place ?? its.place ?? 'indoors',
    },
    its,
  );
}

function ofBatch(choices: Choices, batch: DayBatch, gear: readonly Gear[], unit: WeightUnit): Choices {
  const its = gear.find((each) => each.id === batch.gearId);
  const next = {
    ...choices,
    lotId: batch.lotId as string,
    shade: batch.shade,
    amountText: `${weightFieldText(batch.greenGrams, unit)} ${unit}`,
  };
  return its ? fitting(next, its) : next;
}

import { useState } from 'react';
import type { Chosen } from '@/core/experiment';
import { type Gear, usualGramsOf } from '@/core/gear';
import { type DayBatch, equalParts, proposedRule, schoolsFor, stagedShades } from '@/core/plan';
import type { PlannedMove, PlannedPart, PullRule, PullRuleKind, Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { type WeightUnit, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { type GearRecords, gearRecords } from '@/store/gearRecords';
import type { LotStock } from '@/store/larder';
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
  /** The rule is the person's own, set by hand or taken from what is repeated, and stays whatever the shade. */
  readonly ruleIsTheirs: boolean;
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
  /** The gear that the address names. */
  readonly gearId: string | undefined;
  /** What the roasts on the gear that is wanted say, else on that of the last roast. */
  readonly records: GearRecords;
}

/** The gear that the batch, the recipe, the roast to be repeated or the address asks for. */
export function wantedGear({ batch, from, earlier, gearId }: Omit<Begin, 'records'>): string | undefined {
  return batch?.gearId ?? from?.chosen.gearId ?? earlier?.gearId ?? gearId;
}

/**
 * The choices, filled from the batch or the roast to be repeated, else from the last roast on the gear, else from what is
 * usual.
 */
export function useChoices(gear: readonly Gear[], lots: readonly LotStock[], unit: WeightUnit, begin: Begin) {
  // Filled once: what is typed must not be overwritten.
  const [state, setState] = useState(() => {
    const { records } = begin;
    const repeated = begin.from?.chosen ?? begin.earlier;
    const filled = fill({ roast: repeated ?? records.last, gear, lots, unit, gearId: wantedGear(begin), records });
    const theirs = repeated?.pullRule ? { ...filled, rule: repeated.pullRule, ruleIsTheirs: true } : filled;
    const choices = begin.batch ? ofBatch(theirs, begin.batch, gear, unit, records) : theirs;
    return { choices, records };
  });

  const choose = (some: Partial<Choices>) =>
    setState(({ choices, records }) => {
      const next = { ...choices, ...some, ...(some.rule ? { ruleIsTheirs: true } : {}) };
      const its = gear.find((each) => each.id === next.gearId);
      return { choices: its ? fitting(next, its, records) : next, records };
    });
  /** Another kind of rule, with the figure that is proposed for it. */
  const chooseRuleKind = (kind: PullRuleKind) =>
    setState(({ choices, records }) => {
      const its = gear.find((each) => each.id === choices.gearId);
      if (!its) return { choices, records };
      const { rule } = proposedRule(its, choices.shade, records.pulls, kind);
      return { choices: { ...choices, rule, ruleIsTheirs: false }, records };
    });
  const chooseGear = async (gearId: string) => {
    const records = await gearRecords(database(), gearId);
    setState(({ choices: now }) => {
      const filled = fill({ roast: records.last, gear, lots, unit, gearId, records });
      const choices = records.last
        ? filled
        : fitting(
            { ...filled, lotId: now.lotId, shade: now.shade, place: filled.place ?? now.place },
            gearOf(gear, gearId),
            records,
          );
      return { choices, records };
    });
  };
  return { ...state, choose, chooseRuleKind, chooseGear };
}

const gearOf = (gear: readonly Gear[], gearId: string | undefined) =>
  gear.find((each) => each.id === gearId) ?? (gear[0] as Gear);

/** A rule that Gander proposed follows gear and shade; one that makes no sense there gives way; parts follow the shade. */
function fitting(choices: Choices, gear: Gear, records: GearRecords): Choices {
  const { parts, shade } = choices;
  const fits = schoolsFor(gear, shade).some(({ kind }) => kind === choices.rule.kind);
  const stays = choices.ruleIsTheirs && fits;
  const rule = stays ? choices.rule : proposedRule(gear, shade, records.pulls, choices.rule.kind).rule;
  const around = parts?.some((part) => part.shade === shade);
  return {
    ...choices,
    rule,
    ruleIsTheirs: stays,
    parts: parts && !around ? equalParts(stagedShades(shade, parts.length)) : parts,
  };
}

interface Filling {
  readonly roast: Chosen | undefined;
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
  readonly unit: WeightUnit;
  readonly gearId: string | undefined;
  readonly records: GearRecords;
}

function fill({ roast, gear, lots, unit, gearId, records }: Filling): Choices {
  const its = gearOf(gear, gearId ?? roast?.gearId);
  const lot = lots.find((each) => each.lot.id === roast?.lotId) ?? lots[0];
  const grams = roast && roast.gearId === its.id ? roast.greenGrams : usualGramsOf(its);
  const shade = roast?.wantedShade ?? 4;
  return {
    lotId: lot?.lot.id ?? '',
    gearId: its.id,
    amountText: `${weightFieldText(grams, unit)} ${unit}`,
    amountKind: 'green',
    readyBy: '',
    shade,
    rule: proposedRule(its, shade, records.pulls, roast?.pullRule?.kind).rule,
    ruleIsTheirs: false,
    moves: roast?.gearId === its.id ? (roast.plannedMoves ?? []) : [],
    parts: undefined,
    place: roast?.place ?? its.place ?? 'indoors',
  };
}

function ofBatch(
  choices: Choices,
  batch: DayBatch,
  gear: readonly Gear[],
  unit: WeightUnit,
  records: GearRecords,
): Choices {
  const next = {
    ...choices,
    lotId: batch.lotId as string,
    shade: batch.shade,
    amountText: `${weightFieldText(batch.greenGrams, unit)} ${unit}`,
  };
  return fitting(next, gearOf(gear, batch.gearId), records);
}

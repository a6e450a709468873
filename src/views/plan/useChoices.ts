import { useRef, useState } from 'react';
import { asDone, type Chosen } from '@/core/experiment';
import { type Gear, proposedGreen } from '@/core/gear';
import { type DayBatch, equalParts, proposedRule, schoolsFor, stagedShades } from '@/core/plan';
import type { PlannedMove, PlannedPart, PullRule, PullRuleKind, Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import type { ShadeLiking } from '@/core/taste';
import { type WeightUnit, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { type GearRecords, gearRecords } from '@/store/gearRecords';
import type { LotStock } from '@/store/larder';
import { shadeLikedOf } from '@/store/likedShades';
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
  /** The shade was chosen by hand or is that of what is repeated, and stays whatever the beans. */
  readonly shadeIsTheirs: boolean;
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
  /** The shade that was liked best of the beans that are wanted, else of those of the last roast. */
  readonly liked: ShadeLiking | undefined;
}

/** The beans that the batch, the recipe or the roast to be repeated asks for. */
export function wantedLot({ batch, from, earlier }: Pick<Begin, 'batch' | 'from' | 'earlier'>): string | undefined {
  return batch?.lotId ?? from?.chosen.lotId ?? earlier?.lotId;
}

/** The gear that the batch, the recipe, the roast to be repeated or the address asks for. */
export function wantedGear({ batch, from, earlier, gearId }: Omit<Begin, 'records' | 'liked'>): string | undefined {
  return batch?.gearId ?? from?.chosen.gearId ?? earlier?.gearId ?? gearId;
}

/**
 * The choices, filled from the batch or the roast to be repeated, else from the last roast on the gear, else from what is
 * usual.
 */
export function useChoices(gear: readonly Gear[], lots: readonly LotStock[], unit: WeightUnit, begin: Begin) {
  // Filled once: what is typed must not be overwritten.
  const [state, setState] = useState(() => {
    const { records, liked } = begin;
    const repeated = begin.from?.chosen ?? (begin.earlier && asDone(begin.earlier));
    const filled = fill({ roast: repeated ?? records.last, gear, lots, unit, gearId: wantedGear(begin), records });
    const asLiked =
      repeated || !liked ? filled : fitting({ ...filled, shade: liked.shade }, gearOf(gear, filled.gearId), records);
    const kept = { ...asLiked, shadeIsTheirs: repeated !== undefined || begin.batch !== undefined };
    const theirs = repeated?.pullRule ? { ...kept, rule: repeated.pullRule, ruleIsTheirs: true } : kept;
    const choices = begin.batch ? ofBatch(theirs, begin.batch, gear, lots, unit, records) : theirs;
    return { choices, records, liked };
  });

  const wantedLast = useRef<string>(undefined);
  const choose = (some: Partial<Choices>) =>
    setState(({ choices, records, liked }) => {
      const next = {
        ...choices,
        ...some,
        ...(some.rule ? { ruleIsTheirs: true } : {}),
        ...(some.shade ? { shadeIsTheirs: true } : {}),
      };
      const itsGear = gear.find((each) => each.id === next.gearId);
      return { choices: itsGear ? fitting(next, itsGear, records, choices) : next, records, liked };
    });
  /** Other beans, in the shade that was liked best of them unless a shade was chosen by hand. */
  const chooseLot = async (lotId: string) => {
    const liked = await shadeLikedOf(database(), lotId);
    setState(({ choices, records }) => {
      const shade = choices.shadeIsTheirs || !liked ? choices.shade : liked.shade;
      const next = fitting({ ...choices, lotId, shade }, gearOf(gear, choices.gearId), records, choices);
      return { choices: next, records, liked };
    });
  };
  /** Another kind of rule, with the figure that is proposed for it. */
  const chooseRuleKind = (kind: PullRuleKind) =>
    setState(({ choices, records, liked }) => {
      const itsGear = gear.find((each) => each.id === choices.gearId);
      if (!itsGear) return { choices, records, liked };
      const { rule } = proposedRule(itsGear, choices.shade, records.pulls, kind);
      return { choices: { ...choices, rule, ruleIsTheirs: false }, records, liked };
    });
  const chooseGear = async (gearId: string) => {
    const asked = state.choices;
    wantedLast.current = gearId;
    const records = await gearRecords(database(), gearId);
    // Other gear was chosen meanwhile: its own answer is on the way.
    if (wantedLast.current !== gearId) return;
    setState(({ choices: now, liked }) => {
      const filled = fill({ roast: records.last, gear, lots, unit, gearId, records });
      // The beans and how dark they are wanted do not change with the gear.
      const { lotId, shade, shadeIsTheirs } = now;
      const choices = fitting(
        { ...filled, lotId, shade, shadeIsTheirs, ...changedSince(asked, now) },
        gearOf(gear, gearId),
        records,
      );
      return { choices, records, liked };
    });
  };
  return { ...state, choose, chooseLot, chooseRuleKind, chooseGear };
}

/** What was typed while the records of other gear were read: it is not overwritten by them. */
function changedSince(asked: Choices, now: Choices): Partial<Choices> {
  return Object.fromEntries(
    Object.entries(now).filter(([name, value]) => value !== asked[name as keyof Choices]),
  ) as Partial<Choices>;
}

const gearOf = (gear: readonly Gear[], gearId: string | undefined) =>
  gear.find((each) => each.id === gearId) ?? (gear[0] as Gear);

/**
 * A rule that Gander proposed follows gear and shade; where these are other ones than `before`, one that makes no sense there gives
 * way; parts follow the shade.
 */
function fitting(choices: Choices, gear: Gear, records: GearRecords, before?: Choices): Choices {
  const { parts, shade } = choices;
  const fits = schoolsFor(gear, shade).some(({ kind }) => kind === choices.rule.kind);
  const isAsBefore = before?.shade === shade && before.gearId === choices.gearId;
  const stays = choices.ruleIsTheirs && (fits || isAsBefore);
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
  const itsGear = gearOf(gear, gearId ?? roast?.gearId);
  const lot = lots.find((each) => each.lot.id === roast?.lotId) ?? lots[0];
  const grams = proposedGreen(itsGear, roast);
  const shade = roast?.wantedShade ?? 4;
  return {
    lotId: lot?.lot.id ?? '',
    gearId: itsGear.id,
    amountText: `${weightFieldText(grams, unit)} ${unit}`,
    amountKind: 'green',
    readyBy: '',
    shade,
    shadeIsTheirs: false,
    rule: proposedRule(itsGear, shade, records.pulls, roast?.pullRule?.kind).rule,
    ruleIsTheirs: false,
    moves: roast?.gearId === itsGear.id ? (roast.plannedMoves ?? []) : [],
    parts: undefined,
    place: roast?.place ?? itsGear.place ?? 'indoors',
  };
}

function ofBatch(
  choices: Choices,
  batch: DayBatch,
  gear: readonly Gear[],
  lots: readonly LotStock[],
  unit: WeightUnit,
  records: GearRecords,
): Choices {
  const next = {
    ...choices,
    // Beans that were put away since are not here to choose.
    lotId: lots.some(({ lot }) => lot.id === batch.lotId) ? (batch.lotId as string) : choices.lotId,
    shade: batch.shade,
    amountText: `${weightFieldText(batch.greenGrams, unit)} ${unit}`,
  };
  return fitting(next, gearOf(gear, batch.gearId), records);
}

import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import type { Lot } from '@/core/bean';
import { type Gear, methodOf } from '@/core/gear';
import type { Roast } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { type WeightUnit, weightFieldText } from '@/core/units';
import { database } from '@/store/current';
import { lastRoast } from '@/store/queries';
import type { AmountKind } from './usePlanned';

/** What is chosen so far; grams as typed, so that a slip can be put right. */
export interface Choices {
  readonly lotId: string;
  readonly gearId: string;
  readonly gramsText: string;
  /** Whether that is what goes in or what is wanted in the jar. */
  readonly amountKind: AmountKind;
  readonly shade: ShadeNumber;
  readonly place: Roast['place'];
}

/**
 * The choices, filled from the roast to be repeated, else from the last roast on the gear, else from what is usual.
 * Undefined until the journal was looked at.
 */
export function useSetUp(
  gear: readonly Gear[],
  lots: readonly { lot: Lot }[],
  unit: WeightUnit,
  earlier: Roast | undefined,
) {
  const last = useLiveQuery(async () => ({ roast: earlier ?? (await lastRoast(database())) }), [earlier?.id]);
  const [choices, setChoices] = useState<Choices>();
  const ready = last !== undefined;
  // biome-ignore lint/correctness/useExhaustiveDependencies: filled once, when the journal has answered; typing must not be overwritten
  useEffect(() => {
    if (ready && !choices) setChoices(fill(last.roast, gear, lots, unit));
  }, [ready]);

  const chooseGear = async (gearId: string) => {
    const roast = await lastRoast(database(), gearId);
    setChoices(
      (now) =>
        now && {
          ...fill(roast ?? undefined, gear, lots, unit, gearId),
          ...(roast ? {} : { lotId: now.lotId, shade: now.shade, place: now.place }),
        },
    );
  };
  return { choices, choose: (some: Partial<Choices>) => setChoices((now) => now && { ...now, ...some }), chooseGear };
}

function fill(
  roast: Roast | undefined,
  gear: readonly Gear[],
  lots: readonly { lot: Lot }[],
  unit: WeightUnit,
  gearId?: string,
): Choices {
  const its = gear.find((each) => each.id === (gearId ?? roast?.gearId)) ?? (gear[0] as Gear);
  const lot = lots.find((each) => each.lot.id === roast?.lotId) ?? lots[0];
  const grams =
    roast && roast.gearId === its.id ? roast.greenGrams : (its.usualGrams ?? methodOf(its.method).batchGrams.usual);
  return {
    lotId: lot?.lot.id ?? '',
    gearId: its.id,
    gramsText: `${weightFieldText(grams, unit)} ${unit}`,
    amountKind: 'green',
    shade: roast?.wantedShade ?? 4,
    place: roast?.place ?? 'indoors',
  };
}

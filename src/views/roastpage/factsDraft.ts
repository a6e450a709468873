import { AIR_C, atAnotherTime, type Roast, type Wind } from '@/core/roast';
import {
  fromCelsius,
  localDay,
  localTime,
  parseTemperature,
  parseWeight,
  type TemperatureUnit,
  type WeightUnit,
  weightFieldText,
} from '@/core/units';
import { dayReader, keptOr, optional, readDraft } from '@/ui/forms/readDraft';

/** The facts of a roast besides its log, as they stand in the form. */
export interface FactsDraft {
  readonly lotId: string;
  readonly gearId: string;
  readonly green: string;
  readonly shade: Roast['wantedShade'];
  readonly day: string;
  readonly time: string;
  readonly place: Roast['place'];
  readonly air: string;
  readonly wind: Wind | '';
  readonly gearHot: boolean;
}

interface Units {
  readonly weightUnit: WeightUnit;
  readonly temperatureUnit: TemperatureUnit;
}

const GRAMS = { leastGrams: 1, mostGrams: 100_000 };

const beganOf = (roast: Roast) => new Date(roast.chargedAt ?? roast.createdAt);

/** The form as it opens. */
export function draftOfFacts(roast: Roast, { weightUnit, temperatureUnit }: Units): FactsDraft {
  const began = beganOf(roast);
  return {
    lotId: roast.lotId,
    gearId: roast.gearId,
    green: `${weightFieldText(roast.greenGrams, weightUnit)} ${weightUnit}`,
    shade: roast.wantedShade,
    day: localDay(began),
    time: localTime(began),
    place: roast.place,
    air: roast.ambientC === undefined ? '' : String(Math.round(fromCelsius(roast.ambientC, temperatureUnit))),
    wind: roast.wind ?? '',
    gearHot: roast.gearHot ?? false,
  };
}

/** What the form says, as facts of the roast; undefined where a field cannot be read, which `refuse` was told. */
export function readFacts(
  draft: FactsDraft,
  roast: Roast,
  units: Units,
  refuse: (field: 'green' | 'air' | 'day', message: string, first?: boolean) => void,
): Partial<Roast> | undefined {
  const shown = draftOfFacts(roast, units);
  const read = readDraft(
    { green: draft.green, air: draft.air, day: draft.day },
    {
      green: keptOr(shown.green, roast.greenGrams, (text) => parseWeight(text, units.weightUnit, { range: GRAMS })),
      air: optional(
        keptOr<number | undefined>(shown.air, roast.ambientC, (text) =>
          parseTemperature(text, units.temperatureUnit, AIR_C),
        ),
      ),
      day: dayReader,
    },
    (field, message, first) => refuse(field, message, first),
  );
  if (!read) return undefined;
  const beganMs = new Date(`${read.day}T${draft.time}`).getTime();
  if (!Number.isFinite(beganMs)) return void refuse('day', 'Write a day and a time of day.', true);
  if (beganMs > Date.now())
    return void refuse('day', 'That is still to come. A roast of the past has a past day and time.', true);
  // The field has no seconds: untouched, the moment stays as it was.
  const moved = draft.day !== shown.day || draft.time !== shown.time;
  return {
    lotId: draft.lotId as Roast['lotId'],
    gearId: draft.gearId as Roast['gearId'],
    greenGrams: read.green,
    wantedShade: draft.shade,
    place: draft.place,
    ambientC: read.air,
    wind: draft.wind === '' ? undefined : draft.wind,
    gearHot: draft.gearHot ? true : undefined,
    ...(moved ? atAnotherTime(roast, beganMs) : {}),
  };
}

/** What each fact is called when it was changed. */
const names = [
  ['lotId', 'beans'],
  ['gearId', 'gear'],
  ['greenGrams', 'green weight'],
  ['wantedShade', 'wanted shade'],
  ['place', 'place'],
  ['ambientC', 'air'],
  ['wind', 'wind'],
  ['gearHot', 'hot gear'],
  ['createdAt', 'time'],
] as const satisfies readonly (readonly [keyof Roast, string])[];

/** The names of the facts that differ from what the roast has. */
export function changedFacts(roast: Roast, facts: Partial<Roast>): string[] {
  return names.flatMap(([field, name]) => (field in facts && facts[field] !== roast[field] ? [name] : []));
}

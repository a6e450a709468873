import type { Lot, Pack } from '@/core/bean';
import { type Currency, moneyFieldText, parseMoney, parseWeight, type WeightUnit, weightFieldText } from '@/core/units';
import { dayReader, numberReader, optional, type Reader, textReader } from './readDraft';

const PACK_RANGE = { leastGrams: 1, mostGrams: 100_000 };
/** What 100 ml of loose green can weigh; the handbook’s 0.62 to 0.78 g/ml with room to both sides. */
const HUNDRED_ML_RANGE = { leastGrams: 30, mostGrams: 120 };
const SCOOP_RANGE = { leastGrams: 1, mostGrams: 500 };

export interface PackDraft {
  grams: string;
  price: string;
  carriage: string;
  boughtOn: string;
}

export interface LotDraft {
  name: string;
  origin: string;
  process: Lot['process'];
  packs: PackDraft[];
  mark: string;
  grading: NonNullable<Lot['grading']> | '';
  screen: string;
  densityClass: NonNullable<Lot['densityClass']> | '';
  hundredMl: string;
  moisture: string;
  arrivedOn: string;
  storage: NonNullable<Lot['storage']> | '';
  scoop: string;
  expected: string;
  tasted: string;
  note: string;
}

export const emptyPack: PackDraft = { grams: '', price: '', carriage: '', boughtOn: '' };

/** The form's fields as they stand for a lot; empty for a new one. */
export function draftOfLot(lot: Lot | undefined, unit: WeightUnit, currency: Currency): LotDraft {
  const weight = (grams: number | undefined) => (grams === undefined ? '' : `${weightFieldText(grams, unit)} ${unit}`);
  const money = (minor: number | undefined) => (minor === undefined ? '' : moneyFieldText(minor, currency));
  return {
    name: lot?.name ?? '',
    origin: lot?.origin ?? '',
    process: lot?.process ?? 'other',
    packs: lot?.packs.map((pack) => ({
      grams: weight(pack.grams),
      price: money(pack.priceMinor),
      carriage: money(pack.carriageMinor),
      boughtOn: pack.boughtOn ?? '',
    })) ?? [emptyPack],
    mark: lot?.mark ?? '',
    grading: lot?.grading ?? '',
    screen: lot?.screen ?? '',
    densityClass: lot?.densityClass ?? '',
    hundredMl: weight(lot?.gramsPerMl && lot.gramsPerMl * 100),
    moisture: lot?.moisturePercent === undefined ? '' : String(lot.moisturePercent),
    arrivedOn: lot?.arrivedOn ?? '',
    storage: lot?.storage ?? '',
    scoop: weight(lot?.scoopGrams),
    expected: lot?.expected ?? '',
    tasted: lot?.tasted ?? '',
    note: lot?.note ?? '',
  };
}

/** How each typed field of a lot is read. */
export function lotReaders(unit: WeightUnit) {
  return {
    mark: textReader(80),
    screen: textReader(20),
    hundredMl: optional((text) => parseWeight(text, unit, { range: HUNDRED_ML_RANGE })),
    moisture: optional(numberReader(3, 20, '%', '11')),
    arrivedOn: optional(dayReader),
    scoop: optional((text) => parseWeight(text, unit, { range: SCOOP_RANGE })),
    expected: textReader(300),
    tasted: textReader(300),
    note: textReader(2000),
  } satisfies Record<string, Reader<unknown>>;
}

/** How the fields of a pack are read. */
export function packReaders(unit: WeightUnit, currency: Currency) {
  return {
    grams: (text: string) => parseWeight(text, unit, { range: PACK_RANGE }),
    price: optional((text) => parseMoney(text, currency)),
    carriage: optional((text) => parseMoney(text, currency)),
    boughtOn: optional(dayReader),
  } satisfies Record<keyof PackDraft, Reader<unknown>>;
}

/** A pack without the fields that were left empty. */
export function packOf(read: {
  grams: number;
  price: number | undefined;
  carriage: number | undefined;
  boughtOn: string | undefined;
}): Pack {
  return {
    grams: read.grams,
    ...(read.price === undefined ? {} : { priceMinor: read.price }),
    ...(read.carriage === undefined ? {} : { carriageMinor: read.carriage }),
    ...(read.boughtOn === undefined ? {} : { boughtOn: read.boughtOn }),
  };
}

/** What is wrong with the order of a lot's days; undefined when they can be. */
export function dateTrouble(
  arrivedOn: string | undefined,
  boughtOn: readonly string[],
  today: string,
): { readonly field: 'arrivedOn' | 'boughtOn'; readonly pack: number; readonly message: string } | undefined {
  if (arrivedOn !== undefined && arrivedOn > today)
    return { field: 'arrivedOn', pack: 0, message: 'That day is still to come. Enter it when the beans are there.' };
  const ahead = boughtOn.findIndex((day) => day > today);
  if (ahead >= 0)
    return {
      field: 'boughtOn',
      pack: ahead,
      message: 'That day is still to come. Enter it when you have bought them.',
    };
  const early = boughtOn.findIndex((day) => arrivedOn !== undefined && day < arrivedOn);
  if (early >= 0)
    return {
      field: 'boughtOn',
      pack: early,
      message: 'They were bought before they arrived. Change one of the two days.',
    };
  return undefined;
}

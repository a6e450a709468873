import {
  type Control,
  type ControlKey,
  controlCatalogue,
  controlKeyOf,
  controlsOf,
  type Gear,
  type MethodId,
  MOST_CONTROLS,
  methodOf,
  parseReminders,
  reminderLine,
} from '@/core/gear';
import {
  type Currency,
  formatTemperature,
  moneyFieldText,
  parseMoney,
  parseTemperature,
  parseWeight,
  type TemperatureUnit,
  type WeightUnit,
  weightFieldText,
} from '@/core/units';
import { numberReader, optional, type Reader, textReader } from './readDraft';

const HOT_RANGE = { least: 0, most: 400 };
const BATCH_RANGE = { leastGrams: 5, mostGrams: 5000 };

export interface GearDraft {
  nickname: string;
  method: MethodId;
  usual: string;
  largest: string;
  controls: ControlKey[];
  watts: string;
  price: string;
  coolDown: string;
  preheat: string;
  hotAt: string;
  hotSign: string;
  place: NonNullable<Gear['place']> | '';
  ventilation: NonNullable<Gear['ventilation']> | '';
  trays: boolean;
  modified: boolean;
  hasProbe: boolean;
  probeName: string;
  probeUnit: 'C' | 'F';
  probeWhere: string;
  reminders: string;
  note: string;
}

/** The form's fields as they stand for a piece of gear; the method's for a new one. */
export function draftOfGear(
  gear: Gear | undefined,
  unit: WeightUnit,
  currency: Currency,
  degrees: TemperatureUnit = 'C',
): GearDraft {
  const shows = gear?.probe?.unit ?? degrees;
  const weight = (grams: number | undefined) => (grams === undefined ? '' : `${weightFieldText(grams, unit)} ${unit}`);
  const number = (value: number | undefined) => (value === undefined ? '' : String(value));
  return {
    nickname: gear?.nickname ?? '',
    method: gear?.method ?? 'hotAirPopper',
    usual: weight(gear?.usualGrams),
    largest: weight(gear?.largestGrams),
    controls: gear ? keysOf(controlsOf(gear)) : usualKeys('hotAirPopper', degrees),
    watts: number(gear?.watts),
    price: gear?.priceMinor === undefined ? '' : moneyFieldText(gear.priceMinor, currency),
    coolDown: number(gear?.coolDownMin),
    preheat: number(gear?.preheatMin),
    hotAt: gear?.preheatC === undefined ? '' : formatTemperature(gear.preheatC, shows),
    hotSign: gear?.preheatSign ?? '',
    place: gear?.place ?? '',
    ventilation: gear?.ventilation ?? '',
    trays: gear?.trays === 2,
    modified: gear?.modified === true,
    hasProbe: gear?.probe !== undefined,
    probeName: gear?.probe?.name ?? '',
    probeUnit: gear?.probe?.unit ?? 'C',
    probeWhere: gear?.probe?.where ?? '',
    reminders: (gear?.reminders ?? []).map(reminderLine).join('\n'),
    note: gear?.note ?? '',
  };
}

/** How the typed fields of gear are read. */
export function gearReaders(unit: WeightUnit, currency: Currency, degrees: TemperatureUnit = 'C') {
  const batch = optional((text) => parseWeight(text, unit, { range: BATCH_RANGE }));
  return {
    usual: batch,
    largest: batch,
    watts: optional(numberReader(1, 20_000, 'W', '1200')),
    price: optional((text) => parseMoney(text, currency)),
    coolDown: optional(numberReader(0, 240, 'min', '20')),
    preheat: optional(numberReader(0, 60, 'min', '2')),
    hotAt: optional((text) => parseTemperature(text, degrees, HOT_RANGE)),
    hotSign: textReader(80),
    reminders: optional(parseReminders),
    note: textReader(2000),
  } satisfies Record<string, Reader<unknown>>;
}

/** The controls ticked in the form, in its order; undefined where they are the method's own. */
export function pickedControls(keys: readonly ControlKey[], method: MethodId): Control[] | undefined {
  const usual = keysOf(methodOf(method).controls);
  const same = keys.length === usual.length && usual.every((key) => keys.includes(key));
  return same
    ? undefined
    : keys.map((key) => controlCatalogue[key]).map((control) => structuredClone(control) as Control);
}

/** What is wrong with the controls that are ticked; undefined where they go together. */
export function controlsFault(keys: readonly ControlKey[]): string | undefined {
  const twice = keys.find((key, i) => keys.findIndex((other) => dialOf(other) === dialOf(key)) < i);
  if (twice) return `${dialOf(twice)} is ticked in two ways. Leave the one that is on the dial.`;
  return keys.length > MOST_CONTROLS
    ? `Gear has ${MOST_CONTROLS} controls at most. Leave out what you hardly move.`
    : undefined;
}
const dialOf = (key: ControlKey) => controlCatalogue[key].label;

/** What a method lets be changed, on a dial in the household's degrees. */
export function usualKeys(method: MethodId, degrees: TemperatureUnit): ControlKey[] {
  return keysOf(methodOf(method).controls).map((key) => (key === 'celsius' && degrees === 'F' ? 'fahrenheit' : key));
}

/** The catalogue keys of controls. */
export function keysOf(controls: readonly Control[]): ControlKey[] {
  return controls.flatMap((control) => controlKeyOf(control) ?? []);
}

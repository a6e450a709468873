import { type Gear, methodOf, type Place } from '../gear/index.ts';

/** One line to tick before the first roast of a day. The key is stored: never change one alone. */
export interface PreflightLine {
  readonly key: string;
  readonly text: string;
}

interface Rule extends PreflightLine {
  /** 0 when it does not matter here; the five weightiest are shown. */
  readonly weight: (gear: Pick<Gear, 'method' | 'ventilation' | 'modified'>, place: Place) => number;
}

const LINES = 5;
const flame = ({ method }: Pick<Gear, 'method'>) => methodOf(method).heatFrom === 'flame';

/** What matters where. Source: handbook, sections 2 and 12; the weights, which only choose among them, are ours. */
const rules: readonly Rule[] = [
  {
    key: 'smokeOut',
    text: 'Smoke has a way out of the building: hood on or window open; alarms stay on',
    weight: (gear, place) => (place === 'indoors' ? 9 + Number(gear.ventilation === 'none') : 0),
  },
  {
    key: 'flameOutdoors',
    text: 'Charcoal or an outdoor burner stays outdoors: carbon monoxide',
    weight: (gear, place) => (place === 'outdoors' && flame(gear) ? 5 : 0),
  },
  {
    key: 'nothingBurns',
    text: 'Nothing overhead or near that burns',
    weight: (gear) => (flame(gear) || methodOf(gear.method).gun ? 8 : 6),
  },
  {
    key: 'coolingReady',
    text: 'Colander, fan or cold tray ready for cooling',
    weight: () => 7,
  },
  {
    key: 'lidReady',
    text: 'Gloves on; a lid or extinguisher at hand, no water',
    weight: (gear) => (flame(gear) || methodOf(gear.method).heatFrom === 'oven' ? 8.5 : 7.5),
  },
  {
    key: 'ownSocket',
    text: 'Alone on an earthed socket, no extension lead',
    weight: (gear) => (methodOf(gear.method).heatFrom === 'socket' ? (gear.modified ? 8.8 : 6.5) : 0),
  },
  {
    key: 'chaffCaught',
    text: 'Something to catch the chaff; last batch’s chaff is out',
    weight: (gear) => (methodOf(gear.method).mess.chaff === 'blownOut' ? 6.2 : 3),
  },
  {
    key: 'gunRest',
    text: 'The gun has its stand, away from cord and chaff',
    weight: (gear) => (methodOf(gear.method).gun ? 7.2 : 0),
  },
  {
    key: 'noCoating',
    text: 'No non-stick coating: its fumes are deadly to birds',
    weight: (gear) => (methodOf(gear.method).maybeCoated ? 6.8 : 0),
  },
  {
    key: 'childrenAway',
    text: 'Children and pets away from it',
    weight: () => 4,
  },
];

/** The five lines that matter for this gear in this place, the weightiest first. */
export function preflightFor(
  gear: Pick<Gear, 'method' | 'ventilation' | 'modified'>,
  place: Place,
): readonly PreflightLine[] {
  return rules
    .map((rule) => ({ key: rule.key, text: rule.text, weight: rule.weight(gear, place) }))
    .filter(({ weight }) => weight > 0)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, LINES)
    .map(({ key, text }) => ({ key, text }));
}

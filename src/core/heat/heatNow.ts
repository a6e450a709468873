import { type Expectation, type Forecast, forecastFrom, usualHere } from '../forecast/index.ts';
import { controlsOf, type Gear, type GearReminder, methodOf, remindersOf, settingWords } from '../gear/index.ts';
import { liveEntries, milestonesOf, type Roast } from '../roast/index.ts';
import { firstCrackC } from './firstCrackC.ts';
import { plannedMovesNow } from './plannedMoves.ts';
import type { LearnedProbe } from './probeOpinion.ts';
import { heardMilestones, pullsDue } from './pullsDue.ts';
import { rateOfRise } from './rateOfRise.ts';
import { trustedReadings } from './readingChecks.ts';
import type { HeatSituation } from './tell/situation.ts';

/** A roast at the heat, and what the household's record says of it. */
export interface AtTheHeat extends Pick<HeatSituation, 'nowS' | 'ownC' | 'words' | 'putOff'> {
  readonly roast: Roast;
  readonly gear: Gear | undefined;
  readonly expectation: Expectation;
  /** What this gear's probe has earned to say; silent when absent. */
  readonly probe?: LearnedProbe | undefined;
  /** What an experiment asks for at a moment; called out beside what the gear asks for. */
  readonly asked?: GearReminder | undefined;
}

/** Before any time that a move can be planned for, seconds. */
const BEFORE_S = -1;

/** How things stand at the heat at `nowS`, from the record alone: all that the screen tells is derived from it. */
export function heatNow(facts: AtTheHeat): HeatSituation {
  const { roast, gear, expectation, probe, asked, nowS, ownC, words, putOff } = facts;
  const live = liveEntries(roast.entries);
  // Until the beans are in, no time of the roast has passed.
  const roastS = roast.chargedAt === undefined ? 0 : nowS;
  const reached = milestonesOf(live);
  const heard = heardMilestones(live, reached, nowS);
  const readings = trustedReadings(live);
  const ratePerMin = rateOfRise(readings, nowS);
  const firstC = firstCrackC(readings, reached.firstCrack, ownC);
  const opinion = heard.firstCrack === undefined ? probe?.opinion(readings, nowS, heard.yellow) : undefined;
  const controls = controlsOf(gear);
  return {
    nowS,
    charged: roast.chargedAt !== undefined,
    live,
    reached,
    heard,
    forecasts: forecastFrom(expectation, heard, roastS, opinion),
    usual: usualHere(expectation, heard),
    pulls: pullsDue(
      { shade: roast.wantedShade, rule: roast.pullRule, parts: roast.plannedParts },
      { expectation, live, heard, nowS: roastS, readings, firstC, ratePerMin },
    ),
    batch: roast,
    method: methodOf(gear?.method ?? 'other'),
    moves: plannedMovesNow(roast.plannedMoves ?? [], live, reached, roast.chargedAt ? nowS : BEFORE_S, (move) =>
      settingWords(controls, move.control, move.value),
    ),
    reminders: [...(gear ? remindersOf(gear) : []), ...(asked ? [asked] : [])],
    preheat: { minutes: gear?.preheatMin, celsius: gear?.preheatC, sign: gear?.preheatSign },
    readings,
    firstC,
    ownC,
    ratePerMin,
    words,
    putOff,
  };
}

/** A forecast as the ribbon shows it; a part of a staged pull goes by its shade. */
export interface NamedForecast extends Forecast {
  readonly name?: string;
}

/** What is expected of the marks to come, and of each pull by what is meant for it: what the ribbon shows ahead of now. */
export function forecastsAhead({ forecasts, pulls, words }: HeatSituation): NamedForecast[] {
  const marks = forecasts.filter(({ milestone }) => milestone !== 'pull');
  return [
    ...marks,
    ...pulls.map(({ dueS, earlyS, lateS, shade }) => ({
      milestone: 'pull' as const,
      medianS: dueS,
      earlyS,
      lateS,
      ...(pulls.length > 1 ? { name: words.shade(shade) } : {}),
    })),
  ];
}

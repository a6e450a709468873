import {
  comparesParts,
  type Experiment,
  type ExperimentState,
  outcomeOf,
  type Sameness,
  samenessOf,
  stateOf,
} from '@/core/experiment';
import { controlsOf } from '@/core/gear';
import type { Written } from '@/core/household';
import type { Flight } from '@/core/taste';
import { flightResult } from '@/core/taste';
import type { GanderDatabase } from '@/store/database';
import { allExperiments } from '@/store/experiments';
import { keyOfEnded } from '@/store/flights';
import { getNamedRoast, type NamedRoast } from '@/store/queries';

/** An experiment with everything its answer rests on. */
export interface ExperimentNow {
  readonly experiment: Experiment;
  readonly state: ExperimentState;
  readonly a: NamedRoast | undefined;
  readonly b: NamedRoast | undefined;
  /** Undefined until both roasts are there, and for two parts of one roast. */
  readonly sameness: Sameness | undefined;
  readonly flight: Flight | undefined;
  /** What the flight says of the two, once it has ended; of all its cups where it says nothing of these. */
  readonly verdict: string | undefined;
  readonly suggested: ReturnType<typeof outcomeOf>;
}

/** Every experiment, newest first. */
export async function readExperiments(db: GanderDatabase, written: Written): Promise<ExperimentNow[]> {
  return Promise.all(
    (await allExperiments(db)).map(async (experiment): Promise<ExperimentNow> => {
      const [a, b, flight] = await Promise.all([
        getNamedRoast(db, experiment.aRoastId),
        experiment.bRoastId ? getNamedRoast(db, experiment.bRoastId) : undefined,
        experiment.flightId ? db.flights.get(experiment.flightId) : undefined,
      ]);
      const key = flight && (await keyOfEnded(db, flight.id));
      const suggested = flight && key && outcomeOf(experiment, flight, key);
      return {
        experiment,
        state: stateOf(experiment, flight),
        a,
        b,
        sameness:
          a && b && !comparesParts(experiment)
            ? samenessOf(a.roast, b.roast, experiment.change, written, controlsOf(b.gear))
            : undefined,
        flight,
        verdict: flight && key && (suggested?.sentence ?? flightResult(flight, key).verdict.sentence),
        suggested,
      };
    }),
  );
}

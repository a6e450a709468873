import type { FindingId } from '../findingNames.ts';
import type { Rule } from '../rule.ts';
import { bigBatch } from './bigBatch.ts';
import { coldPlace } from './coldPlace.ts';
import { cupAge } from './cupAge.ts';
import { draggedBrowning } from './draggedBrowning.ts';
import { hotDay } from './hotDay.ts';
import { hotGear } from './hotGear.ts';
import { hotStart } from './hotStart.ts';
import { misMarked } from './misMarked.ts';
import { mixedBeans } from './mixedBeans.ts';
import { oldGreen } from './oldGreen.ts';
import { overLong } from './overLong.ts';
import { poorMovement } from './poorMovement.ts';
import { probeMoved } from './probeMoved.ts';
import { rushedBrowning } from './rushedBrowning.ts';
import { scorched } from './scorched.ts';
import { slowCooling } from './slowCooling.ts';
import { smallBatch } from './smallBatch.ts';
import { smoky } from './smoky.ts';
import { stall } from './stall.ts';
import { stoppedShort } from './stoppedShort.ts';
import { tooShort } from './tooShort.ts';
import { underpowered } from './underpowered.ts';
import { unheardCracks } from './unheardCracks.ts';
import { wentTooFar } from './wentTooFar.ts';

/** Every rule, one file each. A new one is added here and to `findingNames`; the table test wants a record that shows it. */
export const rules = {
  cupAge,
  misMarked,
  probeMoved,
  hotGear,
  hotStart,
  scorched,
  rushedBrowning,
  draggedBrowning,
  stall,
  overLong,
  tooShort,
  underpowered,
  coldPlace,
  hotDay,
  bigBatch,
  smallBatch,
  stoppedShort,
  wentTooFar,
  slowCooling,
  smoky,
  mixedBeans,
  poorMovement,
  oldGreen,
  unheardCracks,
} as const satisfies Record<FindingId, Rule>;

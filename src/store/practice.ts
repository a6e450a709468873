import type { Process } from '@/core/bean';
import { processNames } from '@/core/bean';
import { type MethodId, methodOf } from '@/core/gear';
import type { ShadeNumber } from '@/core/shade';
import type { GanderDatabase } from './database.ts';
import { addGear, addLot } from './larder.ts';
import { startRoast } from './roasting.ts';

/** What is practised. */
export interface PracticeChoice {
  readonly method: MethodId;
  readonly process: Process;
  readonly shade: ShadeNumber;
  readonly withProbe: boolean;
}

/** Older practice roasts than so many are let go: nobody comes back to them. */
const KEPT = 20;

/** Starts a practice roast in the practice database and gives its id; what was practised before is ended. */
export async function startPractice(db: GanderDatabase, choice: PracticeChoice, nowMs: number): Promise<string> {
  await db.underWay.clear();
  const old = await db.roasts.orderBy('createdAt').reverse().offset(KEPT).primaryKeys();
  await db.roasts.bulkDelete(old);
  const lot = await addLot(db, {
    name: `Practice beans, ${processNames[choice.process]}`,
    origin: '',
    process: choice.process,
    packs: [{ grams: 10_000 }],
  });
  const gear = await addGear(db, {
    nickname: methodOf(choice.method).name,
    method: choice.method,
    ...(choice.withProbe ? { probe: { name: 'Practice probe', unit: 'C' as const } } : {}),
  });
  const setUp = {
    lotId: lot.id,
    gearId: gear.id,
    greenGrams: methodOf(choice.method).batchGrams.usual,
    wantedShade: choice.shade,
    place: 'indoors' as const,
  };
  const started = await startRoast(db, setUp, 'charge', nowMs);
  return started.kind === 'started' ? started.roast.id : started.roastId;
}

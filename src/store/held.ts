import { withNamedMoment } from '@/core/exchange';
import type { GanderDatabase } from './database.ts';
import { onDevice } from './small.ts';

const key = (db: GanderDatabase) => `gander.held/${db.name}`;

/** How much was in the notebook when it was last looked at. */
export interface Held {
  readonly roasts: number;
  /** When, UTC. */
  readonly notedAt: string;
}

/**
 * What the notebook held when it is empty all at once: browsers clear their databases, and the small store outlives that.
 * Undefined where nothing is missing; remembers what is there now.
 */
export async function missing(db: GanderDatabase, nowMs: number): Promise<Held | undefined> {
  const roasts = await db.roasts.count();
  if (roasts > 0) {
    onDevice.set(key(db), JSON.stringify({ roasts, notedAt: new Date(nowMs).toISOString() } satisfies Held));
    return undefined;
  }
  // What was deleted by hand lies in the bin.
  if ((await db.bin.count()) > 0 || (await db.lots.count()) + (await db.gear.count()) > 0) return undefined;
  try {
    // Until 1 December 2026 its moment was called `at`.
    const held = withNamedMoment(JSON.parse(onDevice.get(key(db)) ?? 'null'), 'notedAt') as Held | null;
    return held && held.roasts > 0 ? held : undefined;
  } catch {
    return undefined;
  }
}

/** It is empty rightly. */
export const isRightlyEmpty = (db: GanderDatabase): void => void onDevice.set(key(db), undefined);

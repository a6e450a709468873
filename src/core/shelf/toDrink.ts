import { ascending } from 'd3-array';
import type { ShelfState } from './shelfKinds.ts';

/** What of a jar says when it is drunk. */
interface DrinkableJar {
  readonly state: ShelfState;
  readonly frozen: boolean;
  readonly readyMs: number;
  readonly bestMs: number;
}

/** Why a jar is the one to look at: it is to be drunk, it rests still, it waits in the freezer, it is past its days. */
type WhatToDrink<J> = { readonly why: 'now' | 'resting' | 'frozen' | 'past'; readonly jar: J };

const GOOD: readonly ShelfState[] = ['ready', 'best', 'fading'];

/**
 * The jar to drink now: of what is good the one whose best days end first, what is only ready last. Without one, the jar that
 * has rested soonest, then one from the freezer, then the newest of what is past. Undefined for an empty shelf.
 */
export function whatToDrink<J extends DrinkableJar>(jars: readonly J[]): WhatToDrink<J> | undefined {
  const soonest = (all: readonly J[], of: (jar: J) => number) => all.toSorted((a, b) => ascending(of(a), of(b)))[0];
  const out = jars.filter(({ frozen }) => !frozen);
  const good = out.filter(({ state }) => GOOD.includes(state));
  const now =
    soonest(
      good.filter(({ state }) => state !== 'ready'),
      ({ bestMs }) => bestMs,
    ) ?? soonest(good, ({ bestMs }) => bestMs);
  if (now) return { why: 'now', jar: now };
  const resting = soonest(
    out.filter(({ state }) => state === 'resting'),
    ({ readyMs }) => readyMs,
  );
  if (resting) return { why: 'resting', jar: resting };
  const frozen = soonest(
    jars.filter((jar) => jar.frozen && jar.state !== 'past'),
    ({ bestMs }) => bestMs,
  );
  if (frozen) return { why: 'frozen', jar: frozen };
  const past = soonest(jars, ({ bestMs }) => -bestMs);
  return past && { why: 'past', jar: past };
}

import { dequal } from 'dequal/lite';
import { type RefObject, useCallback, useInsertionEffect, useRef, useState } from 'react';

/** The same object for as long as it says the same, so that what hangs on it is not made again. For plain rows and lists. */
export function useSteady<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value || dequal(kept, value)) return kept;
  setKept(value);
  return value;
}

/** The newest value, for handlers and timers that outlive a render; not for what is drawn. */
export function useLatest<T>(newest: T): RefObject<T> {
  const latest = useRef(newest);
  useInsertionEffect(() => {
    latest.current = newest;
  });
  return latest;
}

/** One function for the life of a component, which always does what the newest one does. For handlers only. */
export function useSteadyCallback<A extends unknown[], R>(newest: (...given: A) => R): (...given: A) => R {
  const latest = useLatest(newest);
  return useCallback((...given: A) => latest.current(...given), [latest]);
}

/** Each of a list the same object for as long as it says the same, found again by its id: what is drawn of it stays as drawn. */
export function useSteadyEach<T extends { readonly id: string }>(values: readonly T[]): readonly T[] {
  const [kept, setKept] = useState(values);
  const before = new Map(kept.map((value) => [value.id, value]));
  const next = values.map((value) => {
    const was = before.get(value.id);
    return was && dequal(was, value) ? was : value;
  });
  if (next.length === kept.length && next.every((value, i) => value === kept[i])) return kept;
  setKept(next);
  return next;
}

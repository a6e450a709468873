import { dequal } from 'dequal/lite';
import { useCallback, useInsertionEffect, useRef, useState } from 'react';

/** The same object for as long as it says the same, so that what hangs on it is not made again. For plain rows and lists. */
export function useSteady<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value || dequal(kept, value)) return kept;
  setKept(value);
  return value;
}

/** One function for the life of a component, which always does what the newest one does. For handlers only. */
export function useSteadyCallback<A extends unknown[], R>(newest: (...given: A) => R): (...given: A) => R {
  const latest = useRef(newest);
  useInsertionEffect(() => {
    latest.current = newest;
  });
  return useCallback((...given: A) => latest.current(...given), []);
}

import { useEffect } from 'react';
import { lookAfterDaily } from './lookAfter';
import { NewerGander } from './NewerGander';
import { useWaiting } from './useWaiting';

/** What a page sees to once it stands: whether everything can be read, and whether a newer Gander waits. */
export function AtRest() {
  const waiting = useWaiting();
  useEffect(() => lookAfterDaily(), []);
  return waiting && <NewerGander waiting={waiting} />;
}

import Dexie, { type ObservabilitySet } from 'dexie';
import type { TableName } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/**
 * Calls when a row of one of the tables was written, on this page or another, and when this page comes back from the
 * back/forward cache, where it heard of nothing. For what is read once and kept; what is asked live hears it by itself.
 * Gives the way to stop.
 */
export function onTableChange(db: GanderDatabase, tables: readonly TableName[], onChange: () => void): () => void {
  const beginnings = tables.map((table) => `idb://${db.name}/${table}/`);
  const heard = (parts: ObservabilitySet) => {
    // `all`: so the database says that it does not know what was missed.
    if (Object.keys(parts).some((part) => part === 'all' || beginnings.some((each) => part.startsWith(each))))
      onChange();
  };
  Dexie.on.storagemutated.subscribe(heard);
  return () => Dexie.on.storagemutated.unsubscribe(heard);
}

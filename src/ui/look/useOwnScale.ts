import { useLiveQuery } from 'dexie-react-hooks';
import type { OwnScale } from '@/core/record';
import { database } from '@/store/current';
import { ownScaleOf } from '@/store/ownScale';

/** How this household's shades lie to the table's, by its other roasts; undefined until it is known. */
export const useOwnScale = (exceptRoastId?: string): OwnScale | undefined =>
  useLiveQuery(() => ownScaleOf(database(), exceptRoastId), [exceptRoastId]);

import { expose } from 'comlink';
import { GanderDatabase } from '@/store/database';
import { settleReadings, setUnreadableAside } from '@/store/lookAfter';
import type { KeeperContract } from './contract';

const keeper: KeeperContract = {
  async lookAfter(databaseName) {
    const db = new GanderDatabase(databaseName);
    try {
      await settleReadings(db, Date.now());
      return (await setUnreadableAside(db, Date.now())).length;
    } finally {
      db.close();
    }
  },
};
expose(keeper);

/** What the keeper's worker does. Only plain data crosses. */
export interface KeeperContract {
  /** Sets aside what cannot be read and tidies up; gives how many things were set aside. */
  lookAfter(databaseName: string): Promise<number>;
}

/** What is known of copies of the notebook outside the browser. */
export interface BackupRow {
  readonly id: 'backup';
  /** When the notebook was last saved whole, UTC. */
  readonly savedAt?: string | undefined;
  /** Where a copy goes by itself, where the browser allows it. */
  readonly folder?: FileSystemDirectoryHandle | undefined;
  /** Why the last copy was not made. */
  readonly failed?: string | undefined;
}

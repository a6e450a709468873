/** A thing to be put into a zip file: what the list says of it, the last part of its name, and its bytes. */
export interface ToFile {
  readonly listed: object;
  readonly extension: string;
  readonly bytes: Uint8Array;
}

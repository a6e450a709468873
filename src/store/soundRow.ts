/** A stretch of the sound of a roast, from one press of Listen to the next. */
export interface SoundRow {
  readonly id: string;
  readonly roastId: string;
  /** When it begins, seconds from the press of Beans in; that stays where it is though the charge is put to another moment. */
  readonly fromS: number;
  /** How it is written, as the browser names it: `audio/webm;codecs=opus`. */
  readonly mime: string;
  /** Bytes so far. */
  readonly size: number;
  /** When it was begun, UTC. */
  readonly begunAt: string;
}

/** Some seconds of it, as they came: what was written stays whatever happens to the page. */
export interface SoundPiece {
  readonly soundId: string;
  readonly n: number;
  readonly bytes: ArrayBuffer;
}

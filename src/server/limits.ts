import { DAY_MS } from '@/core/units';
/** What the server takes and holds at the most; said in docs/security.md. */
export const LIMITS = {
  /** One request of a bridge, bytes: hours of a probe's readings. */
  bodyBytes: 64 * 1024,
  /** One address with everything asked in it. */
  addressLetters: 4096,
  /** Pages that listen, in all and to one probe. */
  listeners: 200,
  listenersPerProbe: 32,
  /** Bytes that wait for a page which does not read; then it is let go, and asks again when it wakes. */
  waitingBytes: 256 * 1024,
  /** A simulated roast began at most so long ago, or ahead by a clock that is off, milliseconds. */
  chargedAgoMs: DAY_MS,
  chargedAheadMs: 600_000,
  /** A request has to be whole, and a connection to say something, within so long, milliseconds. */
  requestMs: 30_000,
  idleMs: 60_000,
} as const;

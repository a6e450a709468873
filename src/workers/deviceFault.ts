/** Why a microphone or a camera did not open. */
export type DeviceFault = 'notAllowed' | 'missing' | 'taken' | 'unknown';

/** What the browser's error means. Source: Media Capture and Streams, section 10.2 (getUserMedia). */
export function deviceFault(error: unknown): DeviceFault {
  switch (error instanceof Error ? error.name : '') {
    case 'NotAllowedError':
    case 'SecurityError':
      return 'notAllowed';
    case 'NotFoundError':
    case 'OverconstrainedError':
      return 'missing';
    case 'NotReadableError':
    case 'AbortError':
      return 'taken';
    default:
      return 'unknown';
  }
}

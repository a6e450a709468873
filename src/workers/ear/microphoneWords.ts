/** Where there is no way to one at all. */
export const NO_MICROPHONE_HERE = 'This browser gives no microphone here. Open Gander over https, or tap along.';

/** What to say when the microphone does not open. */
export function microphoneWords(error: unknown): string {
  switch (error instanceof Error ? error.name : '') {
    case 'NotAllowedError':
    case 'SecurityError':
      return 'The microphone is not allowed. Allow it for this page in the browser’s settings, then press Listen again.';
    case 'NotFoundError':
    case 'OverconstrainedError':
      return 'There is no microphone on this device. Tap along instead: C, or the crack button.';
    case 'NotReadableError':
    case 'AbortError':
      return 'Another program or tab has the microphone. Close it there, then press Listen again.';
    default:
      return 'The microphone did not open. Press Listen again, or tap along.';
  }
}

import { type DeviceFault, deviceFault } from '../deviceFault';

/** Where there is no way to one at all. */
export const NO_MICROPHONE_HERE = 'This browser gives no microphone here. Open Gander over https, or tap along.';

const words = {
  notAllowed:
    'The microphone is not allowed. Allow it for this page in the browser’s settings, then press Listen again.',
  missing: 'There is no microphone on this device. Tap along instead: C, or the crack button.',
  taken: 'Another program or tab has the microphone. Close it there, then press Listen again.',
  unknown: 'The microphone did not open. Press Listen again, or tap along.',
} as const satisfies Record<DeviceFault, string>;

/** What to say when the microphone does not open. */
export const microphoneWords = (error: unknown): string => words[deviceFault(error)];

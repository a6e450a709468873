import { audioContext } from './useCues';

// Source: handbook, section 7: first crack loud, a few milliseconds, a few hundred Hz to several kHz; second 10-20 dB
// quieter, shorter, mostly above 6 kHz.
const SOUNDS = {
  first: { lastsS: 0.006, filter: 'bandpass', hertz: 1800, gain: 0.7 },
  second: { lastsS: 0.002, filter: 'highpass', hertz: 6500, gain: 0.14 },
} as const;

/** Makes a crack heard in `inS` seconds; silent where the browser does not let the page sound. */
export function playCrack(crack: 'first' | 'second', inS: number): void {
  const context = audioContext();
  if (!context) return;
  const { lastsS, filter, hertz, gain } = SOUNDS[crack];
  const length = Math.ceil(context.sampleRate * lastsS * 4);
  const buffer = context.createBuffer(1, length, context.sampleRate);
  const samples = buffer.getChannelData(0);
  // Noise that dies away; chance may be the browser's, nobody repeats a pop.
  for (let i = 0; i < length; i++) samples[i] = (Math.random() * 2 - 1) * Math.exp((-4 * i) / length);
  const source = new AudioBufferSourceNode(context, { buffer });
  source
    .connect(new BiquadFilterNode(context, { type: filter, frequency: hertz, Q: 0.8 }))
    .connect(new GainNode(context, { gain: gain * (0.6 + 0.4 * Math.random()) }))
    .connect(context.destination);
  source.start(context.currentTime + inS);
}

import type { CrackCourse, GearEar, HeardCrack, ListenerState } from '@/core/listen';
import type { FromEar, ToEar } from './contract';
import { microphoneWords, NO_MICROPHONE_HERE } from './microphoneWords';
import { onSimulatedSound, type SimulatedSound } from './simulatedSound';
import tapUrl from './tap.worklet.js?url&no-inline';

/** What comes of listening. */
export interface EarTells {
  /** The second of the roast at a wall-clock moment, ms. */
  readonly roastS: (wallMs: number) => number;
  /** What was heard, and how it stands; `at` of cracks is in seconds of the sound, for `roastAt`. */
  readonly onHeard: (state: ListenerState, heard: readonly HeardCrack[]) => void;
  /** It cannot listen, or no longer: what to say. */
  readonly onDeaf: (words: string) => void;
  readonly onHearing: () => void;
  /** What is known of how this gear sounds. */
  readonly gear: Promise<GearEar | undefined>;
  /** The raw sound as it comes, for whoever keeps it; undefined once there is none. */
  readonly onStream?: (stream: MediaStream | undefined) => void;
  /** Hears whistles too: how many in a row, and the wall-clock moment at which they began, ms. */
  readonly onWhistled?: ((times: 1 | 2, wallMs: number) => void) | undefined;
}

/** An open ear. Times that it takes and gives are seconds of the roast. */
export interface Ear {
  /** The second of the roast at a second of the sound. */
  readonly roastAt: (soundS: number) => number;
  /** The beans go in. */
  readonly charge: () => void;
  readonly takeBack: (milestone: keyof CrackCourse) => void;
  readonly know: (milestone: keyof CrackCourse, atS: number) => void;
  readonly stop: () => void;
}

/** Raw sound: what makes calls pleasant takes cracks for noise. */
const RAW = { echoCancellation: false, noiseSuppression: false, autoGainControl: false, channelCount: 1 };

/** Opens the microphone and listens, away from the page's own thread, until stopped. */
export function openEar({ roastS, onHeard, onDeaf, onHearing, gear, onWhistled, onStream }: EarTells): Ear {
  const worker = earWorker();
  const say = (message: ToEar, ...carried: Transferable[]) => worker.postMessage(message, carried);
  const stops: (() => void)[] = [() => worker.terminate()];
  let stopped = false;
  let [nowS, toldMs] = [0, Date.now()];
  const wallMsAt = (soundS: number) => toldMs - (nowS - soundS) * 1000;
  const roastAt = (soundS: number) => hundredths(roastS(wallMsAt(soundS)));
  /** It begins, or goes on after a pause in which no sound came. */
  const hears = () => {
    toldMs = Date.now();
    onHearing();
  };
  worker.onmessage = ({ data: { state, heard, whistled } }: MessageEvent<FromEar>) => {
    [nowS, toldMs] = [state.now, Date.now()];
    onHeard(state, heard);
    for (const { times, at } of whistled) onWhistled?.(times, wallMsAt(at));
  };
  const begin = async () => {
    if (!navigator.mediaDevices?.getUserMedia) return onDeaf(NO_MICROPHONE_HERE);
    const stream = await navigator.mediaDevices.getUserMedia({ audio: RAW });
    stops.push(() => {
      onStream?.(undefined);
      for (const track of stream.getTracks()) track.stop();
    });
    const context = new AudioContext();
    stops.push(() => void context.close());
    const [known] = await Promise.all([gear, context.audioWorklet.addModule(tapUrl)]);
    if (stopped) return end();
    const tap = new AudioWorkletNode(context, 'gander-tap', { numberOfOutputs: 0 });
    const { port1, port2 } = new MessageChannel();
    say({ kind: 'begin', sampleRate: context.sampleRate, port: port1, gear: known, whistles: !!onWhistled }, port1);
    tap.port.postMessage(port2, [port2]);
    context.createMediaStreamSource(stream).connect(tap);
    onStream?.(stream);
    hears();
    watch(stream.getAudioTracks()[0], context);
  };
  const watch = (track: MediaStreamTrack | undefined, context: AudioContext) => {
    track?.addEventListener(
      'ended',
      () => stopped || onDeaf('The microphone is gone: plugged out, or taken by the browser. Press Listen again.'),
    );
    track?.addEventListener(
      'mute',
      () => stopped || onDeaf('The device has muted the microphone. Gander hears again when it is let go.'),
    );
    track?.addEventListener('unmute', hears);
    const wake = () => {
      if (context.state === 'running' || context.state === 'closed' || stopped) return;
      onDeaf('The browser has paused the sound. Touch the screen once.');
      // Refused until a touch; the next one tries again.
      context.resume().catch(() => undefined);
    };
    context.addEventListener('statechange', () => (context.state === 'running' ? hears() : wake()));
    for (const kind of ['pointerdown', 'visibilitychange']) {
      document.addEventListener(kind, wake);
      stops.push(() => document.removeEventListener(kind, wake));
    }
    // Where listening begins by itself, a browser may want a touch first.
    wake();
  };
  const end = () => {
    for (const stop of stops.splice(0)) stop();
  };
  void begin().catch((error: unknown) => {
    if (!stopped) onDeaf(microphoneWords(error));
    end();
  });
  return {
    roastAt,
    charge: () => say({ kind: 'charge' }),
    takeBack: (milestone) => say({ kind: 'takeBack', milestone }),
    know: (milestone, atS) => say({ kind: 'know', milestone, at: nowS + (atS - roastAt(nowS)) }),
    stop: () => {
      stopped = true;
      end();
    },
  };
}

/** Times in a log have two digits. */
const hundredths = (seconds: number) => Math.round(seconds * 100) / 100;

const earWorker = () => new Worker(new URL('./ear.worker.ts', import.meta.url), { type: 'module' });

/** Listens to simulated beans by the very same way: their sound is made in the worker, as fast as their clock goes. */
export function openEarToBeans(seed: number, { onHeard, onHearing, gear }: EarTells): Ear {
  const worker = earWorker();
  const say = (message: ToEar) => worker.postMessage(message);
  let startS: number | undefined;
  worker.onmessage = ({ data: { state, heard } }: MessageEvent<FromEar>) => onHeard(state, heard);
  let leave: (() => void) | undefined;
  const hear = ({ fromS, toS, cracks }: SimulatedSound) => {
    if (startS === undefined) {
      startS = fromS;
      onHearing();
    }
    for (let s = fromS; s < toS; s++)
      say({
        kind: 'second',
        cracks: cracks
          .filter(({ atS }) => atS >= s && atS < s + 1)
          .map(({ atS, crack }) => ({ at: atS - s, kind: crack })),
      });
  };
  let stopped = false;
  void gear.then((known) => {
    if (stopped) return;
    say({ kind: 'beginBeans', seed, gear: known });
    leave = onSimulatedSound(hear);
  });
  return {
    roastAt: (soundS) => hundredths((startS ?? 0) + soundS),
    charge: () => say({ kind: 'charge' }),
    takeBack: (milestone) => say({ kind: 'takeBack', milestone }),
    know: (milestone, atS) => say({ kind: 'know', milestone, at: atS - (startS ?? 0) }),
    stop: () => {
      stopped = true;
      leave?.();
      worker.terminate();
    },
  };
}

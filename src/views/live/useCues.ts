import { useEffect, useRef, useState } from 'react';
import type { Telling } from '@/core/heat';
import { useHousehold } from '@/ui/useHousehold';

const TONES = { note: [], soon: [660], ask: [660], due: [660, 880], danger: [880, 660, 880] } as const satisfies Record<
  Telling['level'],
  readonly number[]
>;
const BUZZ = { note: [], soon: [120], ask: [120], due: [250], danger: [300, 120, 300] } as const satisfies Record<
  Telling['level'],
  readonly number[]
>;
const TONE_S = 0.18;

let audio: AudioContext | undefined;

/** The page's one audio context; undefined where there is none or the browser does not let it sound yet. */
export function audioContext(): AudioContext | undefined {
  if (!('AudioContext' in globalThis)) return undefined;
  audio ??= new AudioContext();
  // Browsers let a page sound only after a touch or a key; until then the words on the screen do.
  if (audio.state === 'suspended') void audio.resume().catch(() => undefined);
  return audio.state === 'running' ? audio : undefined;
}

/**
 * Tells each once, as the household wants it: a tone, a spoken word, a buzz; remarks only stand there. What is missing on a device is left out.
 * Gives whether a tone was due and the browser did not let it sound.
 */
export function useCues(tellings: readonly Telling[]): boolean {
  const [silent, setSilent] = useState(false);
  const { cueTone, cueSpeech, cueVibration } = useHousehold();
  const told = useRef(new Set<string>());
  useEffect(() => {
    const fresh = tellings.filter(({ key, level }) => level !== 'note' && !told.current.has(key));
    for (const { key } of fresh) told.current.add(key);
    const [gravest] = fresh;
    if (!gravest) return;
    // After the screen is drawn: what was pressed is seen at once, and the sound comes right behind it.
    setTimeout(() => {
      if (cueTone) setSilent(!sound(TONES[gravest.level]));
      if (cueSpeech) speak(gravest.text);
      if (cueVibration && 'vibrate' in navigator) navigator.vibrate([...BUZZ[gravest.level]]);
    });
  }, [tellings, cueTone, cueSpeech, cueVibration]);
  useReadySound(cueTone);
  return silent;
}

/** Made while nothing happens and woken by the first touch or key, since making it takes a moment and browsers want one. */
function useReadySound(wanted: boolean): void {
  useEffect(() => {
    if (!wanted) return;
    const timer = setTimeout(audioContext, 400);
    const wake = () => void (audio?.state === 'suspended' && audio.resume().catch(() => undefined));
    const gestures = ['pointerup', 'keydown'] as const;
    for (const each of gestures) window.addEventListener(each, wake);
    return () => {
      clearTimeout(timer);
      for (const each of gestures) window.removeEventListener(each, wake);
    };
  }, [wanted]);
}

function sound(tones: readonly number[]): boolean {
  const context = audioContext();
  if (!context) return false;
  tones.forEach((hertz, i) => {
    const startS = context.currentTime + i * TONE_S;
    const gain = new GainNode(context, { gain: 0 });
    gain.gain.setValueAtTime(0.25, startS);
    gain.gain.exponentialRampToValueAtTime(0.001, startS + TONE_S);
    const tone = new OscillatorNode(context, { frequency: hertz });
    tone.connect(gain).connect(context.destination);
    tone.start(startS);
    tone.stop(startS + TONE_S);
  });
  return true;
}

function speak(text: string): void {
  if (!('speechSynthesis' in globalThis)) return;
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = 'en-GB';
  speechSynthesis.cancel();
  speechSynthesis.speak(utterance);
}

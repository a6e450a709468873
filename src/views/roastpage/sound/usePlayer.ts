import { useEffect, useRef, useState } from 'react';
import { database } from '@/store/current';
import type { SoundRow } from '@/store/soundRow';
import { soundBlob } from '@/store/sounds';
import { useSteadyCallback } from '@/ui/useSteady';

/** Plays the kept sounds of a roast as one; times are seconds from charge. */
export interface Player {
  readonly playing: boolean;
  readonly atS: number;
  readonly playFrom: (atS: number) => void;
  readonly pause: () => void;
  /** Why it does not play. */
  readonly failed: string | undefined;
}

const FAILED = 'This browser cannot play that sound. Open the notebook in the browser that kept it.';

/** The player of these sounds, in order. What lies between two of them is passed over. */
export function usePlayer(sounds: readonly SoundRow[]): Player {
  const [playing, setPlaying] = useState(false);
  const [atS, setAtS] = useState(sounds[0]?.fromS ?? 0);
  const [failed, setFailed] = useState<string>();
  const audio = useRef<HTMLAudioElement>(undefined);
  const open = useRef<{ readonly id: string; readonly url: string }>(undefined);
  useEffect(
    () => () => {
      audio.current?.pause();
      if (open.current) URL.revokeObjectURL(open.current.url);
    },
    [],
  );
  const load = async (sound: SoundRow): Promise<HTMLAudioElement> => {
    audio.current ??= new Audio();
    const element = audio.current;
    if (open.current?.id === sound.id) return element;
    const blob = await soundBlob(database(), sound.id);
    if (!blob) throw new RangeError('The sound was deleted, in another tab perhaps.');
    if (open.current) URL.revokeObjectURL(open.current.url);
    open.current = { id: sound.id, url: URL.createObjectURL(blob) };
    element.src = open.current.url;
    await soundReady(element);
    return element;
  };
  const playFrom = useSteadyCallback(async (wantedS: number) => {
    const sound = sounds.findLast(({ fromS }) => fromS <= wantedS) ?? sounds[0];
    if (!sound) return;
    try {
      const element = await load(sound);
      element.ontimeupdate = () => setAtS(sound.fromS + element.currentTime);
      element.onended = () => {
        const next = sounds[sounds.indexOf(sound) + 1];
        if (next) void playFrom(next.fromS);
        else setPlaying(false);
      };
      element.currentTime = Math.max(0, wantedS - sound.fromS);
      setAtS(Math.max(wantedS, sound.fromS));
      setFailed(undefined);
      await element.play();
      setPlaying(true);
    } catch (error) {
      // Pressed again before it began: the newer press plays.
      if ((error as Error).name === 'AbortError') return;
      setPlaying(false);
      setFailed(error instanceof RangeError ? error.message : FAILED);
    }
  });
  const pause = () => {
    audio.current?.pause();
    setPlaying(false);
  };
  return { playing, atS, playFrom: (s) => void playFrom(s), pause, failed };
}

/** Recorders write no length; a browser finds it when it is sent to the end, and can go to any moment from then on. */
function soundReady(element: HTMLAudioElement): Promise<void> {
  return new Promise((resolve, reject) => {
    element.onerror = () => reject(new Error('cannot be played'));
    element.onloadedmetadata = () => {
      if (Number.isFinite(element.duration)) return resolve();
      element.ondurationchange = () => {
        if (!Number.isFinite(element.duration)) return;
        element.ondurationchange = null;
        resolve();
      };
      element.currentTime = Number.MAX_SAFE_INTEGER;
    };
  });
}

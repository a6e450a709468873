import { useEffect, useRef, useState } from 'react';
import { RING, refusalWords, SHADOW_WORDS } from '@/core/look';
import { frameChecker } from '@/workers/looker/client';
import type { Aim, LookedAt } from '@/workers/looker/contract';
import { Button } from '../Button';
import { cameraWords } from './lookWords';

interface CameraProps {
  readonly of: LookedAt;
  readonly onTaken: (photo: Blob) => void;
  readonly onClose: () => void;
}

/** What is wanted of the camera: the one at the back, as fine as it gives. */
const WANTED: MediaStreamConstraints = {
  audio: false,
  video: { facingMode: { ideal: 'environment' }, width: { ideal: 2560 }, height: { ideal: 1920 } },
};
/** Frames are looked at so small while one aims. */
const CHECKED_WIDTH = 640;
const BETWEEN_MS = 350;

/** The camera's picture with what is wrong with it while that can still be mended, and the button that takes it. */
export function Camera({ of, onTaken, onClose }: CameraProps) {
  const video = useRef<HTMLVideoElement>(null);
  const place = useRef<HTMLDivElement>(null);
  const [aim, setAim] = useState<Aim>();
  const [fault, setFault] = useState<string>();
  useEffect(() => {
    let stream: MediaStream | undefined;
    let isOver = false;
    const checker = frameChecker();
    const watch = async () => {
      while (!isOver) {
        const frame = frameOf(video.current, CHECKED_WIDTH);
        if (frame) {
          const wrong = await checker.check(frame, of);
          if (!isOver) setAim(wrong);
        }
        await new Promise((resolve) => setTimeout(resolve, BETWEEN_MS));
      }
    };
    const open = async () => {
      try {
        if (!navigator.mediaDevices?.getUserMedia) throw new DOMException('', 'NotFoundError');
        stream = await navigator.mediaDevices.getUserMedia(WANTED);
        if (isOver || !video.current) return stop(stream);
        video.current.srcObject = stream;
        await video.current.play();
        await watch();
      } catch (error) {
        if (!isOver) setFault(cameraWords(error));
      }
    };
    void open();
    return () => {
      isOver = true;
      checker.close();
      stop(stream);
    };
  }, [of]);

  const shoot = async () => {
    const taken = await photoOf(video.current);
    if (taken) onTaken(taken);
  };
  if (fault)
    return (
      <p role="alert" className="text-danger mt-3">
        {fault}{' '}
        <Button variant="quiet" onClick={onClose}>
          All right
        </Button>
      </p>
    );
  return (
    <div ref={place} className="sideways:grid sideways:grid-cols-[auto_1fr] sideways:gap-4 mt-3 scroll-mt-3">
      <div className="relative overflow-hidden rounded-xl bg-black">
        <video
          ref={video}
          playsInline
          muted
          className="sideways:max-h-[80dvh] sideways:w-auto block max-h-[60dvh] w-full object-contain"
          onLoadedMetadata={() => place.current?.scrollIntoView({ block: 'nearest' })}
        />
        {of !== 'whole' && (
          <span
            aria-hidden="true"
            className="pointer-events-none absolute top-1/2 left-1/2 aspect-square -translate-x-1/2 -translate-y-1/2 rounded-full border-4 border-white"
            style={{ width: `${100 * RING}%` }}
          />
        )}
      </div>
      <div>
        <p role="status" className={`mt-2 min-h-14 ${aim && !aim.refuse ? 'font-bold' : ''}`}>
          {aimWords(aim, of)}
        </p>
        <div className="flex flex-wrap gap-3">
          <Button variant="next" size="large" onClick={() => void shoot()}>
            Take this photo
          </Button>
          <Button size="large" onClick={onClose}>
            Not now
          </Button>
        </div>
      </div>
    </div>
  );
}

function aimWords(aim: Aim | undefined, of: LookedAt): string {
  if (!aim)
    return of === 'whole'
      ? 'Beans on one side, the white sheet on the other.'
      : 'What is to be measured within the ring, the white sheet beside it.';
  if (aim.refuse) return refusalWords[aim.refuse];
  return aim.shadow ? SHADOW_WORDS : 'Good: take it.';
}

function stop(stream: MediaStream | undefined): void {
  for (const track of stream?.getTracks() ?? []) track.stop();
}

/** What a video shows now, as pixels so wide; undefined until it shows anything. */
function frameOf(video: HTMLVideoElement | null, width: number) {
  const canvas = canvasOf(video, width);
  const context = canvas?.getContext('2d', { willReadFrequently: true });
  if (!canvas || !context) return undefined;
  const { data, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  return { width: canvas.width, height, rgba: data };
}

function canvasOf(video: HTMLVideoElement | null, most: number): HTMLCanvasElement | undefined {
  if (!video || video.videoWidth === 0) return undefined;
  const width = Math.min(most, video.videoWidth);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = Math.round((width * video.videoHeight) / video.videoWidth);
  canvas.getContext('2d', { willReadFrequently: true })?.drawImage(video, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** A photo of what a video shows now. */
function photoOf(video: HTMLVideoElement | null): Promise<Blob | null> {
  const canvas = canvasOf(video, Number.POSITIVE_INFINITY);
  return new Promise((resolve) => (canvas ? canvas.toBlob(resolve, 'image/jpeg', 0.95) : resolve(null)));
}

/** Whether this browser has a way to keep the screen awake: a wake lock (https or this very machine), else a video. */
export function canStayAwake(): boolean {
  if ('wakeLock' in navigator) return true;
  const video = document.createElement('video');
  return video.canPlayType('video/mp4') !== '' || video.canPlayType('video/webm') !== '';
}

/** Said before the charge and at the heat where there is none. */
export const NOT_AWAKE = 'This browser cannot keep the screen awake: set the device’s own screen time-out longer.';

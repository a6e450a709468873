import { useCallback, useRef, useState } from 'react';

/** The width of an element in pixels, kept up to date; 0 until it is laid out. Put `ref` on the element. */
export function useWidth(): { ref: (element: HTMLElement | null) => void; width: number } {
  const [width, setWidth] = useState(0);
  const observer = useRef<ResizeObserver>(undefined);
  const ref = useCallback((element: HTMLElement | null) => {
    observer.current?.disconnect();
    if (!element) return;
    setWidth(element.clientWidth);
    observer.current = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.current.observe(element);
  }, []);
  return { ref, width };
}

import { useEffect, useRef } from 'react';
import { beanColour } from '@/core/shade';
import type { BeansNow } from '@/core/simulate';
import { useLatest } from '@/ui/useSteady';
import { useWidth } from '@/ui/useWidth';

/** Room for the words below the beans, pixels. */
const CAPTION = 26;
const BEANS = 130;
const FRAME_MS = 60;

/** Places and sizes of the drawn beans; the same at every paint, so that only movement moves them. */
const places = Array.from({ length: BEANS }, (_, i) => {
  const golden = (i * 0.618034) % 1;
  return { x: golden, y: ((i * 0.754878) % 1) ** 0.7, turn: (i * 2.4) % Math.PI, place: ((i * 0.367) % 1) * 2 - 1 };
});

/** The simulated beans: how far their colours lie apart, how they move, chaff in the air, smoke over them. */
export function Beans({ beans, height }: { readonly beans: BeansNow; readonly height: number }) {
  const canvasHeight = height - CAPTION;
  const { ref, width } = useWidth();
  const canvas = useRef<HTMLCanvasElement>(null);
  const latest = useLatest(beans);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || width <= 0) return;
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const paint = () =>
      draw(context, latest.current, { width, height: canvasHeight }, still ? 0 : performance.now() / 1000);
    paint();
    const timer = setInterval(paint, still ? 1000 : FRAME_MS);
    return () => clearInterval(timer);
  }, [latest, width, canvasHeight]);
  return (
    <figure ref={ref} className="overflow-hidden">
      <canvas ref={canvas} width={width} height={canvasHeight} className="block rounded-2xl" />
      <figcaption className="text-husk truncate text-[0.9rem]">{beansWords(beans)}</figcaption>
    </figure>
  );
}

function draw(
  context: CanvasRenderingContext2D,
  beans: BeansNow,
  size: { width: number; height: number },
  timeS: number,
): void {
  const { width, height } = size;
  context.clearRect(0, 0, width, height);
  const lift = Math.min(1.2, beans.movement) * 9;
  for (const { x, y, turn, place } of places) {
    const tone =
      beans.tone + (place > 0 ? place * (beans.darkTone - beans.tone) : -place * (beans.paleTone - beans.tone));
    const sway = timeS === 0 ? 0 : Math.sin(timeS * 3 + turn * 7) * lift;
    const hop = timeS === 0 ? 0 : Math.abs(Math.sin(timeS * 2.3 + turn * 5)) * lift * 1.4;
    context.save();
    context.translate(14 + x * (width - 28) + sway, 34 + y * (height - 50) - hop);
    context.rotate(turn + sway * 0.08);
    context.fillStyle = beanColour(tone);
    context.beginPath();
    context.ellipse(0, 0, 13, 9, 0, 0, 2 * Math.PI);
    context.fill();
    context.strokeStyle = beanColour(Math.min(1, tone + 0.18));
    context.lineWidth = 2;
    context.beginPath();
    context.moveTo(-10, 1);
    context.quadraticCurveTo(0, -4, 10, 1);
    context.stroke();
    context.restore();
  }
  const chaff = beans.tone > 0.35 && beans.tone < 0.7 ? 18 : 0;
  context.fillStyle = '#d9b98a';
  for (let i = 0; i < chaff; i++) {
    const rise = (timeS * 0.25 + i * 0.13) % 1;
    context.fillRect(((i * 97) % 100) * 0.01 * width, height * (1 - rise), 5, 2);
  }
  if (beans.smoke > 0) {
    context.fillStyle = `rgb(150 140 130 / ${0.45 * beans.smoke})`;
    context.fillRect(0, 0, width, height);
  }
}

function beansWords({ smoke, movement, scorched }: BeansNow): string {
  const moving = movement > 0.85 ? 'moving freely' : movement > 0.55 ? 'moving slowly' : 'hardly moving';
  const smoking = smoke > 0.6 ? ', thick smoke' : smoke > 0.1 ? ', some smoke' : '';
  return `Simulated beans, ${moving}${smoking}${scorched > 0.05 ? ', dark spots on some' : ''}.`;
}

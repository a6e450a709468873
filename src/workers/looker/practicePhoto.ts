const SIZE = { width: 480, height: 360 };
const [COLUMNS, ROWS, APART] = [7, 9, 36];

/** Plain beans beside a plain sheet: nothing that is told of them is wanted, only that all of a look is gone through. */
export function practicePhoto(): OffscreenCanvas {
  const canvas = new OffscreenCanvas(SIZE.width, SIZE.height);
  const context = canvas.getContext('2d', { willReadFrequently: true }) as OffscreenCanvasRenderingContext2D;
  const fill = (colour: string, shape: () => void) => {
    context.fillStyle = colour;
    context.beginPath();
    shape();
    context.fill();
  };
  fill('#6f7a80', () => context.rect(0, 0, SIZE.width, SIZE.height));
  fill('#f2f2f0', () => context.rect(300, 20, 165, 320));
  for (let i = 0; i < COLUMNS * ROWS; i++) {
    const [x, y] = [24 + APART * (i % COLUMNS), 24 + APART * Math.floor(i / COLUMNS)];
    fill(`hsl(24 40% ${20 + (i % 5)}%)`, () => context.ellipse(x, y, 15, 11, i, 0, 2 * Math.PI));
    fill('hsl(24 40% 12%)', () => context.ellipse(x, y, 11, 1.5, i, 0, 2 * Math.PI));
  }
  return canvas;
}

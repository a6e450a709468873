/** What of an element's looks a drawing outside this page has to bring along. */
const LOOKS = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-size',
  'font-weight',
  'text-anchor',
  'dominant-baseline',
] as const;
const MARGIN = 24;
const TITLE_ROOM = 62;
const FONT = 'system-ui, sans-serif';

/** A drawing of this page as a file of its own: its looks written into it, on paper, under its title. */
export function drawingText(svg: SVGSVGElement, title: string, words: string): string {
  const { width, height } = svg.getBoundingClientRect();
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const originals = [...svg.querySelectorAll<SVGElement>('*')];
  const copies = [...copy.querySelectorAll<SVGElement>('*')];
  originals.forEach((element, i) => {
    const looks = getComputedStyle(element);
    const to = copies[i];
    if (!to || to.closest('defs, linearGradient, pattern')) return;
    for (const name of LOOKS) {
      const value = looks.getPropertyValue(name);
      // What refers to a gradient of the drawing stays as it was written.
      if (value && !value.includes('url(')) to.setAttribute(name, value);
    }
    to.removeAttribute('class');
  });
  const ink = getComputedStyle(document.body).color;
  const paper = getComputedStyle(document.documentElement).backgroundColor;
  const text = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
  const [w, h] = [width + 2 * MARGIN, height + 2 * MARGIN + TITLE_ROOM];
  for (const [name, value] of Object.entries({
    xmlns: 'http://www.w3.org/2000/svg',
    width: w,
    height: h,
    viewBox: `0 0 ${w} ${h}`,
    'font-family': FONT,
  }))
    text.setAttribute(name, String(value));
  const make = (name: string, attributes: Record<string, string | number>, content = '') => {
    const element = document.createElementNS('http://www.w3.org/2000/svg', name);
    for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, String(value));
    element.textContent = content;
    text.append(element);
    return element;
  };
  make('rect', { width: w, height: h, fill: paper });
  make('text', { x: MARGIN, y: MARGIN + 16, fill: ink, 'font-size': 18, 'font-weight': 700 }, title);
  make('text', { x: MARGIN, y: MARGIN + 42, fill: ink, 'font-size': 14 }, words);
  const group = make('g', { transform: `translate(${MARGIN} ${MARGIN + TITLE_ROOM})` });
  group.append(...copy.childNodes);
  return new XMLSerializer().serializeToString(text);
}

const SHARP = 2;

/** The same as a picture, twice as fine as it is drawn. */
export async function drawingPicture(text: string): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = image.naturalWidth * SHARP;
    canvas.height = image.naturalHeight * SHARP;
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((resolve, reject) =>
      canvas.toBlob(
        (blob) => (blob ? resolve(blob) : reject(new Error('This browser makes no picture of it.'))),
        'image/png',
      ),
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { renderToStaticMarkup } from 'react-dom/server';
import { controlsOf } from '@/core/gear';
import { ribbonOf } from '@/core/roast';
import { ForecastMarks } from '@/ui/ribbon/ForecastMarks';
import { Ribbon } from '@/ui/ribbon/Ribbon';
import { lineUpAt, sharedSpan } from '@/ui/rows/lineUp';
import { entry, mark, pull, roastOf } from '../core/build.ts';

const first = ribbonOf(roastOf([mark(120, 'yellow'), mark(240, 'firstCrack'), pull(320)]));
const second = ribbonOf(roastOf([mark(200, 'yellow'), mark(400, 'firstCrack'), pull(500)]));

describe('Ribbon', () => {
  it('has its text equivalent as its label', () => {
    const html = renderToStaticMarkup(<Ribbon ribbon={first} width={400} bodyHeight={24} fromS={0} toS={320} />);
    assert.match(html, /role="img" aria-label="yellow at 2:00, first crack at 4:00, pull at 5:20\."/);
  });
  it('draws nothing before it is laid out', () => {
    assert.equal(renderToStaticMarkup(<Ribbon ribbon={first} width={0} bodyHeight={24} fromS={0} toS={320} />), '');
  });
  it('draws one grain a pop and one tick a snap', () => {
    const cracks = ribbonOf(
      roastOf([
        mark(240, 'firstCrack'),
        ...[241, 245, 249, 253].map((at) => entry(at, { kind: 'crack', crack: 'first' })),
        mark(330, 'secondCrack'),
        ...[331, 332, 333].map((at) => entry(at, { kind: 'crack', crack: 'second' })),
        pull(340),
      ]),
    );
    const html = renderToStaticMarkup(<Ribbon ribbon={cracks} width={400} bodyHeight={24} fromS={0} toS={340} />);
    // A grain begins with a move to its left edge and two half circles; a tick is one stroke down.
    assert.equal(html.match(/M[\d.]+ [\d.]+a/g)?.length, 4);
    assert.equal(html.match(/M[\d.]+ [\d.]+V/g)?.length, 3);
  });
  it('keeps the words of a move within its edges, and points where it is known which way it went', () => {
    const flames = [0, 150, 320].map((at, i) => entry(at, { kind: 'move', control: 'flame', value: [7, 5, 6][i] }));
    const html = renderToStaticMarkup(
      <Ribbon
        ribbon={ribbonOf(roastOf([...flames, pull(320)]))}
        width={400}
        bodyHeight={24}
        fromS={0}
        toS={320}
        words
        controls={controlsOf({ method: 'stovetopPopper' })}
      />,
    );
    const words = [...html.matchAll(/<text x="([\d.]+)"[^>]*>([^<]+)/g)].map(
      ([, x, text]) => [Number(x), text] as const,
    );
    assert.deepEqual(
      words.map(([, text]) => text),
      ['flame 7', 'flame 5', 'flame 6'],
    );
    for (const [x, text] of words) {
      const half = ((text?.length ?? 0) * 7) / 2;
      assert.ok(x >= half && x <= 400 - half, `${text} at ${x}`);
    }
    const notches = [...html.matchAll(/<path transform="[^"]*" d="(M[-\d]+ [-\d]+)/g)].map(([, way]) => way);
    assert.deepEqual(notches, ['M0 1', 'M-5 2', 'M-5 10'], 'for the first time, down, up');
  });
  it('changes colour where the beans turn, and often enough between', () => {
    const html = renderToStaticMarkup(<Ribbon ribbon={first} width={640} bodyHeight={24} fromS={0} toS={320} />);
    const stops = [...html.matchAll(/offset="([\d.]+)"/g)].map(([, share]) => Number(share));
    assert.equal(stops[0], 0);
    assert.equal(stops.at(-1), 1);
    for (const at of [120, 240])
      assert.ok(
        stops.some((share) => Math.abs(share - at / 320) < 1e-6),
        `a stop at ${at} s`,
      );
    // 40 of 640 pixels.
    for (const [i, share] of stops.slice(1).entries()) {
      const step = share - (stops[i] ?? 0);
      assert.ok(step > 0 && step <= 40 / 640 + 1e-9, `a step of ${step}`);
    }
  });
});

describe('ForecastMarks', () => {
  it('leaves out the expectation whose label would lie on another', () => {
    const forecasts = [
      { milestone: 'firstCrack' as const, earlyS: 200, medianS: 240, lateS: 280 },
      { milestone: 'pull' as const, earlyS: 220, medianS: 250, lateS: 300 },
    ];
    const html = renderToStaticMarkup(<ForecastMarks width={400} fromS={0} toS={400} forecasts={forecasts} />);
    assert.match(html, /first crack 4:00/);
    assert.doesNotMatch(html, /pull 4:10/);
    assert.equal(html.match(/<circle/g)?.length, 2);
  });
});

describe('marks over a narrow ribbon', () => {
  const marksOf = (reached: Record<string, number>, width: number) =>
    renderToStaticMarkup(<ForecastMarks width={width} fromS={0} toS={285} forecasts={[]} reached={reached} />);
  const labelsOf = (html: string) =>
    [...html.matchAll(/<text x="([\d.]+)"[^>]*>([^<]+)</g)].map(([, left, text]) => ({ left: Number(left), text }));
  const reached = { yellow: 110, firstCrack: 215, pull: 285 };

  it('say every time where there is room', () => {
    assert.deepEqual(
      labelsOf(marksOf(reached, 800)).map(({ text }) => text),
      ['pull 4:45', 'first crack 3:35', 'yellow 1:50'],
    );
  });
  it('move aside for one another rather than leave first crack out', () => {
    const html = marksOf(reached, 360);
    assert.deepEqual(
      labelsOf(html).map(({ text }) => text),
      ['pull 4:45', 'first crack 3:35', 'yellow 1:50'],
    );
    const narrow = labelsOf(marksOf(reached, 254));
    assert.deepEqual(
      narrow.slice(0, 2).map(({ text }) => text),
      ['pull 4:45', 'first crack 3:35'],
    );
    assert.equal(marksOf(reached, 254).match(/<rect/g)?.length, 3, 'a tick stands for each, named or not');
  });
  it('never lie on one another or outside', () => {
    for (let width = 120; width <= 900; width += 13) {
      const labels = labelsOf(marksOf({ ...reached, firstCrackEnd: 260 }, width)).sort((a, b) => a.left - b.left);
      for (const [i, { left, text }] of labels.entries()) {
        const right = left + (text?.length ?? 0) * 7.8;
        assert.ok(left >= 0 && right <= width + 1e-6, `${text} at ${width}`);
        const next = labels[i + 1];
        if (next) assert.ok(right + 10 <= next.left + 1e-6, `${text} and ${next.text} at ${width}`);
      }
    }
  });
});

describe('lining up', () => {
  it('puts the chosen moment of each under one line and holds every ribbon', () => {
    assert.deepEqual(sharedSpan([first, second], 'charge'), { fromS: 0, toS: 500 });
    assert.deepEqual(sharedSpan([first, second], 'firstCrack'), { fromS: -400, toS: 100 });
    assert.deepEqual(sharedSpan([first, second], 'pull'), { fromS: -500, toS: 60 });
    assert.equal(lineUpAt(ribbonOf(roastOf([pull(300)])), 'firstCrack'), undefined);
  });
});

import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { areaOf, hullOf, isWithin, straightened } from '@/core/look/hull.ts';
import { axesOf, ellipseFill, type Moments } from '@/core/look/moments.ts';
import { Sweeper } from '@/core/look/parts.ts';

function aspectOf(moments: Moments): number {
  const { long, broad } = axesOf(moments);
  return long / broad;
}

const point = fc.record({ x: fc.integer({ min: 0, max: 60 }), y: fc.integer({ min: 0, max: 60 }) });

describe('a hull', () => {
  it('holds every point, and is that of its own corners', () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 40 }), (points) => {
        const hull = hullOf(points);
        if (hull.length < 3) return;
        for (const each of points) assert.ok(isWithin(hull, each));
        assert.equal(areaOf(hullOf(hull)), areaOf(hull));
      }),
    );
  });

  it('of a rectangle with its sides dotted has four straight sides', () => {
    const dots = Array.from({ length: 41 }, (_, i) => [
      { x: i, y: 0 },
      { x: i, y: 20 },
      { x: 0, y: i / 2 },
      { x: 40, y: i / 2 },
    ]).flat();
    const hull = hullOf(dots);
    assert.equal(areaOf(hull), 800);
    assert.equal(straightened(hull, 0.5).length, 4);
  });
});

const OUT = 9;
const WIDTH = 8;

/** What a plain flood fill finds of the pixels up to a level: the areas of what has some at that level, in order. */
function flooded(levelOf: Uint8Array, level: number): number[] {
  const seen = new Set<number>();
  const areas: number[] = [];
  for (let start = 0; start < levelOf.length; start++) {
    if (levelOf[start] !== level || seen.has(start)) continue;
    const stack = [start];
    seen.add(start);
    let area = 0;
    for (let i = stack.pop(); i !== undefined; i = stack.pop()) {
      area++;
      const x = i % WIDTH;
      for (const each of [x > 0 ? i - 1 : -1, x < WIDTH - 1 ? i + 1 : -1, i - WIDTH, i + WIDTH])
        if (each >= 0 && each < levelOf.length && !seen.has(each) && (levelOf[each] as number) <= level) {
          seen.add(each);
          stack.push(each);
        }
    }
    areas.push(area);
  }
  return inOrder(areas);
}

const inOrder = (values: number[]) => values.sort((a, b) => a - b);
const planes = fc.array(fc.constantFrom(0, 1, 2, 3, 5, OUT), { minLength: 48, maxLength: 48 });

describe('a sweep', () => {
  it('finds at each level the parts that a flood fill finds, with their pixels, in one plane after another', () => {
    fc.assert(
      fc.property(planes, planes, (one, other) => {
        const isOut = Uint8Array.from(one, (level) => (level === OUT ? 1 : 0));
        const sweeper = new Sweeper(WIDTH, 6, isOut);
        for (const levels of [one, other.map((level, i) => (isOut[i] ? OUT : level % OUT))]) {
          const plane = { levels: 6, levelOf: Uint8Array.from(levels, (level) => Math.min(5, level)) };
          const found = sweeper.parts(plane, { leastArea: 1, mostArea: 48, isWanted: () => true });
          for (const part of found) {
            const pixels = sweeper.pixelsOf(plane, part);
            assert.equal(pixels.length, part.area);
            const x = pixels.reduce((sum, i) => sum + (i % WIDTH), 0) / pixels.length;
            assert.ok(Math.abs(x - part.x) < 1e-9);
          }
          for (let level = 0; level < 6; level++)
            assert.deepEqual(
              inOrder(found.filter((part) => part.level === level).map(({ area }) => area)),
              flooded(Uint8Array.from(levels), level),
            );
        }
      }),
    );
  });

  it('knows an ellipse from a ring and from a stick', () => {
    const shapeOf = (isIn: (x: number, y: number) => boolean): Moments => {
      const levelOf = Uint8Array.from({ length: 80 * 60 }, (_, i) =>
        isIn((i % 80) - 40, Math.floor(i / 80) - 30) ? 0 : 1,
      );
      const wanted = { leastArea: 20, mostArea: 4000, isWanted: () => true };
      const [part] = new Sweeper(80, 60, new Uint8Array(4800)).parts({ levels: 2, levelOf }, wanted);
      return part as Moments;
    };
    const bean = shapeOf((x, y) => (x / 22) ** 2 + (y / 15) ** 2 < 1);
    assert.ok(ellipseFill(bean) > 0.97);
    assert.ok(Math.abs(aspectOf(bean) - 22 / 15) < 0.05);
    const ring = shapeOf((x, y) => Math.abs(Math.hypot(x, y) - 15) < 4);
    assert.ok(ellipseFill(ring) < 0.7);
    assert.ok(aspectOf(shapeOf((x, y) => Math.abs(y) < 3 && Math.abs(x) < 30)) > 6);
  });
});

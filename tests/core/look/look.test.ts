import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { seededRandom } from '@/core/chance';
import {
  asLook,
  byteOf,
  cameraDrift,
  type Look,
  lookAt,
  lookAtGround,
  lookAtReference,
  PALE_BY,
  type Picture,
} from '@/core/look';
import { luminanceOf } from '@/core/shade';
import { trayPhoto } from '@/core/simulate';
import { refusals as drawnRefusals, type Refusal, trialOf } from '../../../bench/trays/scenes.ts';

type Colour = readonly [number, number, number];
/** A brown of a lightness, as bytes come from it in a light. */
const brown = (lightness: number): Colour => {
  const y = luminanceOf(lightness);
  const k = y / (0.2126 * 1.6 + 0.7152 + 0.0722 * 0.45);
  return [1.6 * k, k, 0.45 * k];
};
const CHAR: Colour = [0.018, 0.018, 0.018];
const GREY: Colour = [0.22, 0.22, 0.22];
const PAPER: Colour = [0.866, 0.866, 0.866];

interface Flat {
  readonly lightness: readonly number[];
  /** Colour of the light. */
  readonly light?: Colour;
  readonly paper?: boolean;
  /** So many of the first have char: half a round that cuts into an end. */
  readonly charred?: number;
}

/** Beans without shade or sheen, in rows on grey beside a sheet, in a light of a colour. */
function flat({ lightness, light = [1, 1, 1], paper = true, charred = 0 }: Flat): Picture {
  const [width, height] = [720, 540];
  const rgba = new Uint8Array(4 * width * height).fill(255);
  const put = (x: number, y: number, colour: Colour) => {
    for (let c = 0; c < 3; c++)
      rgba[4 * (y * width + x) + c] = byteOf(0.7 * (colour[c] as number) * (light[c] as number));
  };
  const random = seededRandom(4);
  const beans = lightness.map((each, i) => ({
    isCharred: i < charred,
    x: 50 + (i % 6) * 62,
    y: 40 + Math.floor(i / 6) * 52,
    turn: random() * Math.PI,
    colour: brown(each),
  }));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const bean = beans.find((each) => {
        if (Math.abs(x - each.x) > 22 || Math.abs(y - each.y) > 22) return false;
        const [dx, dy] = [x - each.x, y - each.y];
        const along = dx * Math.cos(each.turn) + dy * Math.sin(each.turn);
        const across = dy * Math.cos(each.turn) - dx * Math.sin(each.turn);
        return (along / 21) ** 2 + (across / 14) ** 2 < 1;
      });
      const onPaper = paper && x > 450 && y > 60 && y < 480;
      const atEnd =
        bean?.isCharred && Math.hypot(x - bean.x - 11 * Math.cos(bean.turn), y - bean.y - 11 * Math.sin(bean.turn)) < 7;
      put(x, y, atEnd ? CHAR : (bean?.colour ?? (onPaper ? PAPER : GREY)));
    }
  return { width, height, rgba };
}

const measureOf = (look: Look) => {
  assert.ok(look.kind === 'measured', look.kind === 'refused' ? look.refuse : '');
  return look.measure;
};
const many = (lightness: number, count = 54) => new Array<number>(count).fill(lightness);

describe('known beans beside white paper', () => {
  it('have the lightness that they were painted in, in daylight and under a bulb', () => {
    for (const light of [
      [1, 1, 1],
      [1.35, 0.95, 0.45],
    ] as const) {
      const measure = measureOf(lookAt(flat({ lightness: many(33), light })));
      assert.ok(Math.abs(measure.medianL - 33) < 1.2, `L* ${measure.medianL} under ${light}`);
      assert.ok(measure.measured >= 50 && (measure.beans ?? 0) >= 50);
      assert.ok((measure.spreadL ?? 9) < 1 && measure.paleShare === 0 && measure.scorchedShare === 0);
      assert.ok(measure.range.least < 33 && measure.range.most > 33);
    }
  });

  it('are told apart: pale ones are counted, and the spread grows', () => {
    const lightness = [...many(30, 48), ...many(30 + PALE_BY + 6, 6)];
    const look = lookAt(flat({ lightness }));
    const { paleShare, spreadL } = measureOf(look);
    assert.ok(Math.abs((paleShare ?? 0) - 6 / 54) < 0.03, `pale ${paleShare}`);
    assert.ok((spreadL ?? 0) > 3);
    assert.ok(look.kind === 'measured');
    assert.equal(look.beans.filter(({ is }) => is === 'pale').length, Math.round((paleShare ?? 0) * look.beans.length));
  });

  it('show where they are scorched, also where the char breaks their outline', () => {
    const look = lookAt(flat({ lightness: many(36), charred: 9 }));
    assert.ok(Math.abs((measureOf(look).scorchedShare ?? 0) - 9 / 54) < 0.03, `${measureOf(look).scorchedShare}`);
    assert.ok(look.kind === 'measured');
    const shown = [...look.beans.filter(({ is }) => is === 'scorched'), ...look.patches];
    assert.ok(shown.length >= 8 && shown.every(({ y }) => y * 720 < 150), 'rings lie in the first two rows');
  });

  it('are placed where they lie', () => {
    const look = lookAt(flat({ lightness: many(33) }));
    assert.ok(look.kind === 'measured');
    const first = look.beans.find(({ x, y }) => Math.hypot(x * 720 - 50, y * 720 - 40) < 4);
    assert.ok(first && Math.abs(first.long * 720 - 21) < 5, `long ${(first?.long ?? 0) * 720}`);
    assert.ok(Math.abs(first.broad * 720 - 14) < 5, `broad ${first.broad * 720}`);
  });

  it('are refused without paper, and where they are too few', () => {
    assert.deepEqual(lookAt(flat({ lightness: many(33), paper: false })).kind, 'refused');
    const few = lookAt(flat({ lightness: many(33, 5) }));
    assert.equal(few.kind === 'refused' && few.refuse, 'tooFew');
  });

  it('are kept as fine as they are sure', () => {
    const facts = {
      id: 'look:abcd' as never,
      takenAt: '2026-11-20T10:00:00.000Z',
      pullId: undefined,
      of: 'whole' as const,
    };
    const measure = { medianL: 33.333, range: { least: 30.12, most: 36.68 }, paleShare: 0.12345, measured: 40 };
    assert.deepEqual(asLook(measure, facts), {
      ...facts,
      lightness: 33.3,
      least: 30.1,
      most: 36.7,
      paleShare: 0.123,
      measured: 40,
    });
  });
});

describe('drawn trays', () => {
  it('are measured within 4 L*, dark and light, with their scorched beans', () => {
    for (const [lightness, scorchedShare, least, most] of [
      [40, 0, 0, 0.02],
      [30, 0.2, 0.06, 0.24],
    ] as const) {
      const photo = trayPhoto({ count: 80, lightness, spread: 1.5, scorchedShare, paleShare: 0 }, 11);
      const measure = measureOf(lookAt(photo));
      assert.ok(Math.abs(measure.medianL - lightness) < 4, `L* ${measure.medianL} for ${lightness}`);
      const told = measure.scorchedShare ?? 1;
      assert.ok(told >= least && told <= most, `scorched ${told}`);
    }
  });

  it('are refused for what is wrong with them', () => {
    const mayBe: Partial<Record<Refusal, readonly string[]>> = { twoLights: ['glare'], tooDark: ['noPaper'] };
    for (const [i, refuse] of drawnRefusals.entries()) {
      const look = lookAt(trialOf(7000 + i, 'easy', refuse, 600).drawn.picture);
      assert.ok(look.kind === 'refused', `${refuse} was measured`);
      assert.ok([refuse, ...(mayBe[refuse] ?? [])].includes(look.refuse), `${refuse} was called ${look.refuse}`);
    }
  });

  it('of no size or of one colour are refused, never thrown', () => {
    for (const [width, height, byte] of [
      [1, 1, 0],
      [40, 30, 255],
      [200, 3, 128],
      [64, 64, 60],
    ] as const) {
      const rgba = new Uint8Array(4 * width * height).fill(byte);
      assert.equal(lookAt({ width, height, rgba }).kind, 'refused');
      assert.equal(lookAtGround({ width, height, rgba }).kind, 'refused');
    }
  });
});

describe('ground coffee in the ring', () => {
  const heap = (lightness: number, reach: number): Picture => {
    const picture = flat({ lightness: [] });
    const rgba = Uint8Array.from(picture.rgba);
    const [r, g, b] = brown(lightness);
    for (let y = 0; y < 540; y++)
      for (let x = 0; x < 720; x++)
        if (Math.hypot(x - 360, y - 270) < reach) {
          rgba.set([byteOf(0.7 * r), byteOf(0.7 * g), byteOf(0.7 * b)], 4 * (y * 720 + x));
        }
    return { ...picture, rgba };
  };

  it('is measured where it fills it', () => {
    assert.ok(Math.abs(measureOf(lookAtGround(heap(42, 88))).medianL - 42) < 1);
  });

  it('is no reference where it is grainy, and a plain thing in the ring is one, in any colour', () => {
    assert.ok(Math.abs(measureOf(lookAtReference(heap(55, 88))).medianL - 55) < 1);
    // Grey, as the table is: no coffee, but as plain as can be.
    assert.ok(measureOf(lookAtReference(flat({ lightness: [] }))).medianL > 40);
    const half = lookAtReference(heap(25, 50));
    assert.equal(half.kind === 'refused' && half.refuse, 'notPlain');
  });

  it('is refused where the ring shows something else', () => {
    for (const picture of [heap(42, 30), flat({ lightness: [] })]) {
      const look = lookAtGround(picture);
      assert.equal(look.kind === 'refused' && look.refuse, 'notGround');
    }
  });
});

describe('a camera held to one plain thing', () => {
  const readAt = '2026-11-20T10:00:00.000Z';
  const read = (...lightness: number[]) => cameraDrift(lightness.map((each) => ({ readAt, lightness: each })));

  it('is told from the second photo on: the same, or lighter or darker than it usually read', () => {
    assert.deepEqual([read(), read(40)], [undefined, undefined]);
    assert.deepEqual(read(40, 41.5), { by: 1.5, isSteady: true });
    assert.deepEqual(read(40, 60, 41, 36), { by: -5, isSteady: false });
  });
});

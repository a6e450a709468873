import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import type { Roast } from '@/core/roast';
import type { NamedRoast } from '@/store/queries';
import { RowReader } from '@/views/journal/RowReader';
import { mark, pull, roastOf } from '../core/build.ts';

const idAt = (number: number) => `roast:${number}` as const;
const named = (id: string): NamedRoast => ({
  roast: { ...roastOf([mark(240, 'firstCrack'), pull(320)]), id: id as Roast['id'] },
  lot: undefined,
  gear: undefined,
  lotName: 'Lantern hill',
  gearName: 'Blue popper',
});
const hundred = Array.from({ length: 100 }, (_, i) => idAt(i));

/** Frames that come when the test says so. */
let frames: FrameRequestCallback[] = [];
const frame = () => {
  const due = frames;
  frames = [];
  for (const each of due) each(0);
};
const settle = () => new Promise((resolve) => setTimeout(resolve));

beforeEach(() => {
  frames = [];
  globalThis.requestAnimationFrame = (callback) => frames.push(callback);
  globalThis.cancelAnimationFrame = () => {
    frames = [];
  };
});
afterEach(() => {
  Reflect.deleteProperty(globalThis, 'requestAnimationFrame');
  Reflect.deleteProperty(globalThis, 'cancelAnimationFrame');
});

function reading(gone: readonly string[] = []) {
  const asked: string[][] = [];
  let told = 0;
  const reader = new RowReader(
    async (ids) => {
      asked.push([...ids]);
      return ids.filter((id) => !gone.includes(id)).map(named);
    },
    () => {
      told++;
    },
    assert.ifError,
  );
  return { reader, asked, told: () => told };
}

describe('RowReader', () => {
  it('reads a whole block around what is seen, once', async () => {
    const { reader, asked } = reading();
    reader.see(hundred, 3, 9);
    reader.see(hundred, 4, 10);
    assert.deepEqual(asked, [hundred.slice(0, 16)]);
    await settle();
    reader.see(hundred, 12, 18);
    assert.deepEqual(asked[1], hundred.slice(16, 32));
  });
  it('hands out two rows a frame, those in view first, and tells only of those', async () => {
    const { reader, told } = reading();
    reader.see(hundred, 5, 7);
    await settle();
    assert.deepEqual([...reader.rows.keys()], [idAt(5), idAt(6)]);
    frame();
    assert.deepEqual([...reader.rows.keys()], [idAt(5), idAt(6), idAt(7), idAt(0)]);
    assert.equal(told(), 2);
    for (let i = 0; i < 20; i++) frame();
    assert.equal(reader.rows.size, 16);
    assert.equal(told(), 2);
    assert.equal(frames.length, 0);
  });
  it('puts what came into view meanwhile before what was asked for earlier', async () => {
    const { reader } = reading();
    reader.see(hundred, 0, 15);
    await settle();
    reader.see(hundred, 40, 41);
    await settle();
    frame();
    assert.ok(reader.rows.has(idAt(40)) && reader.rows.has(idAt(41)));
  });
  it('does not read what it was given', () => {
    const { reader, asked } = reading();
    reader.take(hundred.slice(0, 8).map(named));
    reader.see(hundred.slice(0, 8), 0, 7);
    assert.deepEqual(asked, []);
    assert.equal(reader.rows.get(idAt(0))?.ribbon.milestones.pull, 320);
  });
  it('asks again for a roast that was gone, once it may be back', async () => {
    const { reader, asked } = reading([idAt(1)]);
    reader.see(hundred.slice(0, 2), 0, 1);
    await settle();
    reader.see(hundred.slice(0, 2), 0, 1);
    assert.deepEqual(asked[1], [idAt(1)]);
  });
  it('says that reading failed, and asks again', async () => {
    let tries = 0;
    const failed: Error[] = [];
    const reader = new RowReader(
      async (ids) => {
        if (tries++ === 0) throw new Error('The database is closed.');
        return ids.map(named);
      },
      () => {},
      (error) => failed.push(error),
    );
    reader.see(hundred.slice(0, 2), 0, 1);
    await settle();
    assert.match(String(failed), /database is closed/);
    reader.see(hundred.slice(0, 2), 0, 1);
    await settle();
    assert.equal(reader.rows.size, 2);
  });
  it('forgets far rows once it keeps hundreds, never those in view', async () => {
    const { reader } = reading();
    const many = Array.from({ length: 400 }, (_, i) => idAt(i));
    reader.take(many.slice(0, 320).map(named));
    reader.see(many, 0, 3);
    reader.see(many, 0, 330);
    await settle();
    while (frames.length > 0) frame();
    assert.ok(reader.rows.has(idAt(0)) && reader.rows.has(idAt(330)));
    reader.see(many, 390, 399);
    await settle();
    while (frames.length > 0) frame();
    assert.equal(reader.rows.size, 300);
    assert.ok(reader.rows.has(idAt(399)));
  });
  it('reads again what was written meanwhile; the old row stands until the new one is there', async () => {
    const { reader, asked } = reading();
    const few = hundred.slice(0, 2);
    reader.see(few, 0, 1);
    await settle();
    const before = few.map((id) => reader.rows.get(id));
    reader.readAgain();
    assert.deepEqual(
      few.map((id) => reader.rows.get(id)),
      before,
    );
    reader.see(few, 0, 1);
    await settle();
    assert.deepEqual(asked, [few, few]);
    assert.ok(few.every((id, i) => reader.rows.get(id) !== before[i]));
    reader.see(few, 0, 1);
    assert.equal(asked.length, 2);
  });
  it('does not draw what was read before the write', async () => {
    const { reader, asked } = reading();
    const few = hundred.slice(0, 2);
    reader.see(few, 0, 1);
    reader.readAgain();
    await settle();
    assert.equal(reader.rows.size, 0);
    reader.see(few, 0, 1);
    await settle();
    assert.equal(reader.rows.size, 2);
    assert.equal(asked.length, 2);
  });
  it('hands out nothing more after it was stopped', async () => {
    const { reader } = reading();
    reader.see(hundred, 0, 5);
    await settle();
    reader.stop();
    frame();
    assert.equal(reader.rows.size, 2);
  });
});

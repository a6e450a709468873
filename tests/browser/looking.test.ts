import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Browser, Page } from 'playwright-core';
import sharp from 'sharp';
import { beansIn, firstThings } from './deeds.ts';
import { PERSON, PHONE, type Served, serveApp } from './harness.ts';
import { openSeeing, trayJpeg } from './sight.ts';

let app: Served;
let browser: Browser;
let tray: Buffer;
before(async () => {
  tray = await trayJpeg();
  app = await serveApp('ask');
  browser = await openSeeing(tray);
});
after(async () => {
  await browser.close();
  await app.stop();
});

async function opened(options = {}): Promise<Page> {
  const context = await browser.newContext({ baseURL: app.address, ...PERSON, permissions: ['camera'], ...options });
  const page = await context.newPage();
  page.setDefaultTimeout(60_000);
  return page;
}

/** A roast of medium that is out of the heat, on its page. */
async function roastPulled(page: Page): Promise<void> {
  await firstThings(page);
  await beansIn(page);
  // Yellow, first crack, and the pull, which takes two.
  for (const _ of [1, 2, 3, 4]) {
    await page.keyboard.press(_ < 3 ? 'Space' : 'Shift+Space');
    await page.waitForTimeout(400);
  }
  await page.getByRole('link', { name: 'Done: to its page' }).waitFor();
}

const looks = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<{
        looks: { lightness: number }[];
        shades: (number | undefined)[];
        photos: { size: number; head: number[] }[];
      }>((resolve, reject) => {
        const opening = indexedDB.open('gander');
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['roasts', 'photos']);
          const roasts = reading.objectStore('roasts').getAll();
          const photos = reading.objectStore('photos').getAll();
          reading.oncomplete = () => {
            opening.result.close();
            const [roast] = roasts.result;
            resolve({
              looks: roast.looks ?? [],
              shades: roast.entries.flatMap((entry: { kind: string; shade?: number }) =>
                entry.kind === 'amend' && entry.shade !== undefined ? [entry.shade] : [],
              ),
              photos: photos.result.map(({ bytes }) => ({
                size: bytes.byteLength,
                head: [...new Uint8Array(bytes.slice(0, 2000))],
              })),
            });
          };
        };
      }),
  );

/** A plain card in the middle, a white sheet at its side. */
async function besidePaper(colour: string): Promise<Buffer> {
  const plain = (background: string, width: number, height: number) =>
    sharp({ create: { width, height, channels: 3, background } })
      .png()
      .toBuffer();
  return sharp(await plain('#807468', 1000, 750))
    .composite([
      { input: await plain('#efefef', 330, 520), left: 40, top: 100 },
      { input: await plain(colour, 260, 260), left: 420, top: 245 },
    ])
    .blur(1)
    .jpeg({ quality: 92 })
    .toBuffer();
}

const section = (page: Page) => page.getByRole('region', { name: 'Look at the beans' });
const choose = (page: Page, name: string, mimeType: string, buffer: Buffer) =>
  section(page).getByLabel('Choose a photo', { exact: true }).setInputFiles({ name, mimeType, buffer });

describe('the look of the beans', () => {
  it('is measured from a photo after the pull, proposed, kept without the camera’s marks, undone and forgotten', async () => {
    const page = await opened({ viewport: PHONE });
    await roastPulled(page);
    // Turned as the camera was held: it is measured upright, and kept so.
    await choose(page, 'tray.jpg', 'image/jpeg', await trayJpeg(6));
    await section(page)
      .getByText(/^(Medium|Light-medium|Medium-dark)/)
      .waitFor();
    await section(page)
      .getByRole('img', { name: /with the light taken out/ })
      .waitFor();
    await page.getByText('by the photo').first().waitFor();
    const kept = await looks(page);
    assert.equal(kept.looks.length, 1);
    assert.ok(Math.abs((kept.looks[0]?.lightness ?? 0) - 31) < 4, `L* ${kept.looks[0]?.lightness}`);
    assert.equal(kept.shades.length, 1);
    assert.ok((kept.photos[0]?.size ?? 0) > 5000 && (kept.photos[0]?.size ?? 1e9) <= 300_000);
    assert.doesNotMatch(String.fromCharCode(...(kept.photos[0]?.head ?? [])), /Exif/);
    // It survives a reload; a reload in the middle of a look keeps nothing half.
    await choose(page, 'tray.jpg', 'image/jpeg', tray);
    await page.reload();
    await section(page)
      .getByRole('img', { name: /with the light taken out/ })
      .waitFor();
    assert.ok((await looks(page)).looks.length <= 2);
    await section(page)
      .getByRole('button', { name: /Remove the photo/ })
      .click();
    await page.getByRole('button', { name: 'Delete for good' }).click();
    await section(page)
      .getByRole('img', { name: /with the light taken out/ })
      .waitFor({ state: 'detached' });
    await section(page).getByRole('button', { name: 'Forget this look' }).click();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await section(page).getByText('The figures').waitFor();
    await page.context().close();
  });

  it('is refused, or the file is, in words that say what to do; nothing is kept', async () => {
    const page = await opened();
    await roastPulled(page);
    const dark = await sharp(tray).linear(0.08).jpeg().toBuffer();
    const seeThrough = await sharp({
      create: { width: 300, height: 200, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } },
    })
      .png()
      .toBuffer();
    const heic = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(400)]);
    // A head that claims a hundred megapixels.
    const huge = Buffer.from(tray);
    const sizeAt = huge.indexOf(Buffer.from([0xff, 0xc0]));
    huge.writeUInt16BE(10_000, sizeAt + 5);
    huge.writeUInt16BE(10_000, sizeAt + 7);
    const cases: [name: string, type: string, bytes: Buffer, says: RegExp][] = [
      ['dark.jpg', 'image/jpeg', dark, /Too dark/],
      ['glass.png', 'image/png', seeThrough, /No white paper/],
      ['notes.jpg', 'image/jpeg', Buffer.from('This is a shopping list.'), /not a picture/],
      ['cut.jpg', 'image/jpeg', tray.subarray(0, tray.length >> 1), /damaged or cut off/],
      ['phone.heic', 'image/heic', heic, /HEIC photo.*most compatible/],
      ['huge.jpg', 'image/jpeg', huge, /100 megapixels/],
    ];
    for (const [name, type, bytes, says] of cases) {
      await choose(page, name, type, bytes);
      await section(page).getByRole('alert').getByText(says).waitFor();
      await section(page).getByRole('button', { name: 'All right' }).click();
    }
    const kept = await looks(page);
    assert.deepEqual([kept.looks.length, kept.photos.length, kept.shades.length], [0, 0, 0]);
    await page.context().close();
  });

  it('is taken with the camera, which says how it aims, ground coffee too; and stands on the jar', async () => {
    const page = await opened();
    await roastPulled(page);
    await section(page).getByRole('button', { name: 'Take a photo' }).click();
    await section(page).getByText('Good: take it.').waitFor();
    await section(page).getByRole('button', { name: 'Take this photo' }).click();
    await section(page)
      .getByRole('img', { name: /with the light taken out/ })
      .waitFor();
    assert.equal((await looks(page)).photos.length, 1);
    // No heap of ground coffee lies in the ring.
    await section(page).getByRole('button', { name: 'Ground coffee too' }).click();
    await section(page)
      .getByText(/No ground coffee within the ring/)
      .waitFor();
    await section(page).getByRole('button', { name: 'Not now' }).click();
    await page.getByRole('link', { name: 'Done: to its page' }).click();
    await section(page).getByText('The figures').waitFor();
    await page.goto('/larder/shelf/');
    await page.locator('a[href*="/larder/jar/"]').first().click();
    await section(page).getByText('The figures').waitFor();
    await page.context().close();
  });

  it('looks in two tabs at once: both keep what they saw, and each shows the newest', async () => {
    const page = await opened();
    await roastPulled(page);
    await page.getByRole('link', { name: 'Done: to its page' }).click();
    await section(page).waitFor();
    const other = await page.context().newPage();
    await other.goto(page.url());
    await section(other).waitFor();
    const paler = await sharp(tray).linear(1.1).jpeg().toBuffer();
    await Promise.all([choose(page, 'a.jpg', 'image/jpeg', tray), choose(other, 'b.jpg', 'image/jpeg', paler)]);
    for (const each of [page, other]) await each.getByText(/The beans are measured/).waitFor();
    const kept = await looks(page);
    assert.deepEqual([kept.looks.length, kept.photos.length], [2, 2]);
    const newest = `${kept.looks[1]?.lightness.toFixed(1)}, between`;
    for (const each of [page, other]) {
      await section(each).getByText('The figures').click();
      await section(each).getByText(newest).waitFor();
    }
    await page.context().close();
  });

  it('sees the camera drift by a swatch, on this device', async () => {
    const page = await opened();
    await firstThings(page);
    await page.goto('/files/swatch/');
    const brown = await page
      .getByRole('img', { name: 'The swatch: one plain brown' })
      .locator('rect')
      .getAttribute('fill');
    await page.goto('/files/');
    const looked = async (colour: string, says: RegExp) => {
      await page
        .getByLabel('Choose a photo of it', { exact: true })
        .setInputFiles({ name: 'card.jpg', mimeType: 'image/jpeg', buffer: await besidePaper(colour) });
      await page.getByText(says).waitFor();
    };
    await page.getByText('Does the camera read the same?').click();
    await looked(brown ?? '', /1 photo, the newest from today: L\* (29|30|31)\.\d/);
    await looked(brown ?? '', /2 photos.*It reads the same/);
    await looked('#8a6a58', /3 photos.*It reads \d+\.\d L\* lighter than it usually did/);
    await page.reload();
    await page.getByText('Does the camera read the same?').click();
    await page.getByText(/3 photos/).waitFor();
    await page.context().close();
  });

  it('says what to do where the camera is not allowed', async () => {
    const page = await opened({ permissions: [] });
    await page.addInitScript(() => {
      navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
    });
    await roastPulled(page);
    await section(page).getByRole('button', { name: 'Take a photo' }).click();
    await section(page)
      .getByText(/The camera is not allowed/)
      .waitFor();
    await page.context().close();
  });

  it('is practised: which of two trays is darker', async () => {
    const page = await opened();
    await page.goto('/practice/');
    await page.getByRole('button', { name: 'Show me two' }).click();
    await page.getByRole('button', { name: 'The left one is darker' }).click();
    await page.getByText(/^(Yes|No), the (left|right) one is darker\. [01] of 1 so far\.$/).waitFor();
    await page.context().close();
  });
});

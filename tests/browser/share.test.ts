import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { after, before, it } from 'node:test';
import { type Served, serveApp } from './harness.ts';

let app: Served;
before(async () => {
  app = await serveApp('demo');
});
after(() => app.stop());

it('a roast and a recipe are given away as text, picture, drawing and file, and through the device’s own sheet', async () => {
  const { page, close } = await app.open({ acceptDownloads: true });
  await page.addInitScript(`navigator.share = async (given) => { window.given = { title: given.title, text: given.text, files: (given.files ?? []).length }; };
    navigator.canShare = () => true;`);
  const saved = async (name: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
    return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
  };
  for (const [list, link] of [
    ['/journal/', 'a[href*="/journal/roast/"]'],
    ['/journal/recipes/', 'a[href*="/journal/recipe/"]'],
  ] as const) {
    await page.goto(list);
    await page.locator(link).first().click();
    await page.getByRole('button', { name: 'For somebody else' }).click();
    const text = await saved('Save the text');
    assert.match(text.name, /^(roast|recipe)-[^ ]+\.md$/);
    assert.match(text.bytes.toString(), /^# .+\n[\s\S]*\| \d+:\d\d \| /);
    const drawing = (await saved('Ribbon as a drawing (SVG)')).bytes.toString();
    assert.match(drawing, /^<svg [^>]*viewBox/);
    assert.doesNotMatch(drawing, /class=|var\(--|rgba\(0, 0, 0, 0\)" *\/?>/);
    const picture = await saved('Ribbon as a picture');
    assert.deepEqual([...picture.bytes.subarray(1, 4)], [...Buffer.from('PNG')]);
    assert.match((await saved('File for their Gander')).name, /\.gander\.json$/);
    await page.getByRole('button', { name: 'Share', exact: true }).click();
    await page.waitForFunction(() => 'given' in window);
    const given = (await page.evaluate('window.given')) as { title: string; text: string; files: number };
    assert.equal(given.files, 1);
    assert.ok(given.text.includes(given.title));
  }
  await close();
});

import assert from 'node:assert/strict';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { filesOf } from '@/offline/keepOffline.mjs';
import { keptWords } from '@/views/files/KeptHere';

let folder: string;
const put = (path: string, text: string) => writeFile(join(folder, path), text);
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'gander-built-'));
  await mkdir(join(folder, '_astro'));
  await mkdir(join(folder, 'journal'));
  await put('index.html', 'today');
  await put('journal/index.html', 'journal');
  await put('_astro/JournalView.aB3dE6gH.js', 'code');
  await put('offline.js', 'the worker of the build before');
});
after(() => rm(folder, { recursive: true }));

describe('the files that are kept for when nothing answers', () => {
  it('are all of them but the worker, as addresses', () => {
    assert.deepEqual(
      filesOf(folder).map(({ url }) => url),
      ['/_astro/JournalView.aB3dE6gH.js', '/index.html', '/journal/index.html'],
    );
  });
  it('carry a revision that changes with their content, where their name does not', async () => {
    const before = new Map(filesOf(folder).map(({ url, revision }) => [url, revision]));
    assert.equal(before.get('/_astro/JournalView.aB3dE6gH.js'), null);
    await put('journal/index.html', 'another journal');
    const now = new Map(filesOf(folder).map(({ url, revision }) => [url, revision]));
    assert.notEqual(now.get('/journal/index.html'), before.get('/journal/index.html'));
    assert.equal(now.get('/index.html'), before.get('/index.html'));
  });
});

describe('what is said of it', () => {
  it('is honest where the browser keeps nothing, or not yet', () => {
    assert.match(keptWords(undefined), /only while its server answers/);
    assert.match(keptWords({ controller: null }), /is being kept/);
    assert.match(keptWords({ controller: {} }), /opens without a network/);
  });
});

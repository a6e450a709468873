import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, describe, it } from 'node:test';

const folder = mkdtempSync(join(tmpdir(), 'gander-file-'));
after(() => rmSync(folder, { recursive: true }));
const check = (text: string) => {
  const path = join(folder, 'file.json');
  writeFileSync(path, text);
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ['--import', 'tsx', 'scripts/fileCheck.ts', 'check', path],
    {
      encoding: 'utf8',
    },
  );
  return { status, said: stdout + stderr };
};

describe('./gander file check', () => {
  const text = readFileSync('demo/household.gander.json', 'utf8');
  it('counts what a sound file holds', () => {
    const { status, said } = check(text);
    assert.equal(status, 0);
    assert.match(said, /version 6, saved 2026-11-23T20:00:00.000Z[\s\S]* 41 roasts[\s\S]*It loads whole\./);
  });
  it('names what is odd and ends with 1 where it would not load whole', () => {
    const odd = check(text.replace('"process": "washed"', '"process": "boiled"'));
    assert.equal(odd.status, 1);
    assert.match(odd.said, /Left out of lots, .*: .*process: it is none of what it can be\./);
    const newer = check(text.replace('"process": "washed"', '"process": "washed", "farmHeight": 1800'));
    assert.equal(newer.status, 0);
    assert.match(newer.said, /Not known here, and kept: farmHeight in 1 row of lots/);
    const cut = check(text.slice(0, 30_000));
    assert.deepEqual([cut.status, /breaks off/.test(cut.said)], [1, true]);
    assert.equal(check('hello').status, 1);
  });
});

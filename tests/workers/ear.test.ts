// What is said when a microphone does not open: each cause has its own way out.
import assert from 'node:assert/strict';
import { it } from 'node:test';
import { microphoneWords } from '@/workers/ear/microphoneWords';

it('every way in which a microphone does not open says what to do', () => {
  for (const [name, words] of [
    ['NotAllowedError', /not allowed.*Allow it/],
    ['SecurityError', /not allowed/],
    ['NotFoundError', /no microphone.*Tap along/],
    ['NotReadableError', /Another program or tab.*Close it/],
    ['AbortError', /Another program or tab/],
    ['OddError', /did not open.*tap along/],
  ] as const)
    assert.match(microphoneWords(Object.assign(new Error('x'), { name })), words);
  assert.match(microphoneWords('no error at all'), /did not open/);
});

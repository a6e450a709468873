import assert from 'node:assert/strict';
import { it } from 'node:test';
import { defined } from '@/core/row';

it('a row keeps what it holds, nothings of other kinds too', () =>
  assert.deepEqual(defined({ a: 1, b: undefined, c: null, d: 0, e: '' }), { a: 1, c: null, d: 0, e: '' }));

import assert from 'node:assert/strict';
import { it } from 'node:test';
import { formatShared } from '@/core/exchange';

it('a roast as text: a title, its facts, what happened, and the note; what is not known is left out', () => {
  const text = formatShared({
    title: 'Kite Hill, 80 g in the Blue popper',
    facts: [
      ['Wanted', 'medium'],
      ['Air', undefined],
    ],
    events: [['5:08', 'yellow']],
    note: 'sweet\nand round',
  });
  assert.equal(
    text,
    '# Kite Hill, 80 g in the Blue popper\n\n- **Wanted:** medium\n\n| when | what |\n|---|---|\n| 5:08 | yellow |\n\n> sweet\n> and round\n',
  );
});

it('no name can break out of its place', () => {
  const text = formatShared({
    title: 'a\n# b',
    facts: [['n', '[x](y) | <b>']],
    events: [['0:00', 'a | b\nc']],
    note: '`',
  });
  assert.ok(text.startsWith('# a \\# b\n'));
  assert.ok(text.includes('\\[x\\](y) \\| \\<b\\>'));
  assert.ok(text.includes('| 0:00 | a \\| b c |'));
  assert.ok(text.endsWith('> \\`\n'));
});

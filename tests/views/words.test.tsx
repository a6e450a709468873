import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { renderToStaticMarkup } from 'react-dom/server';
import { figuresOf } from '@/core/compare';
import { Alike } from '@/ui/Alike';
import { Choice } from '@/ui/Choice';
import { dayWords, onDay, shortDate } from '@/ui/dates';
import { dotted } from '@/ui/dotted';
import { shadeWords } from '@/ui/partWords';
import { RuleChoice } from '@/ui/RuleChoice';
import { Stars } from '@/ui/Stars';
import { recipeSteps } from '@/views/recipes/recipeSteps';
import { mark, pull, roastOf } from '../core/build.ts';

describe('days', () => {
  const now = new Date(2026, 10, 24, 9);
  const at = (...parts: [number, number, number]) => new Date(...parts, 20).toISOString();
  it('are said as one says them', () => {
    assert.equal(dayWords(at(2026, 10, 24), now), 'today');
    assert.equal(dayWords(at(2026, 10, 23), now), 'yesterday');
    assert.equal(dayWords(at(2026, 10, 20), now), 'last Friday');
    assert.equal(dayWords(at(2026, 10, 17), now), '17 Nov');
  });
  it('to come are a weekday within six days, and a date beyond', () => {
    const ahead = [24, 25, 28, 30, 31].map((day) => onDay(at(2026, 10, day), now));
    assert.deepEqual(ahead, ['today', 'tomorrow', 'on Saturday', 'on Monday', 'on 1 Dec']);
  });
  it('have their year when it is another one', () => {
    assert.equal(shortDate(at(2026, 0, 2), now), '2 Jan');
    assert.equal(shortDate(at(2025, 11, 31), now), '31 Dec 2025');
  });
});

describe('what stands in one line', () => {
  it('breaks after a dot, and only within what is long', () => {
    const note = 'left too long on the tray, and so a little flat';
    assert.equal(dotted(['2 Nov', undefined, '', note]), `2\u00a0Nov\u00a0· ${note}`);
  });
  it('says how dark the beans of a cup came out, or were meant', () => {
    const parts = [pull(300, { all: false }), pull(330, { shade: 5 })];
    const staged = { ...roastOf(parts), plannedParts: [3, 5].map((shade) => ({ shade: shade as 3 | 5, share: 0.5 })) };
    const said = (pullId?: string) => shadeWords(staged, (shade) => `shade ${shade}`, pullId);
    assert.deepEqual(
      [said(parts[0]?.id), said(parts[1]?.id), said()],
      ['for shade 3', 'shade 5', 'for shade 3, then shade 5'],
    );
    assert.equal(shadeWords(roastOf([pull(300)]), String), 'for 4');
    assert.equal(shadeWords({ ...staged, entries: [] }, String), 'for 3, then for 5');
    // Pulled in two without a plan: the look at the last one speaks for both.
    assert.equal(shadeWords(roastOf([pull(300, { all: false }), pull(330, { shade: 5 })]), String), '5');
  });
});

describe('Stars', () => {
  it('are beans of five with a label, and nothing while nobody said', () => {
    const html = renderToStaticMarkup(<Stars stars={2} />);
    assert.match(html, /aria-label="2 of 5"/);
    assert.match(html, /●●○○○/);
    assert.equal(renderToStaticMarkup(<Stars stars={undefined} />), '');
  });
});

describe('Choice', () => {
  it('shows each option in its words and the picked one picked, whatever its kind', () => {
    const options = [
      [true, 'with a probe'],
      [false, 'by ear and eye'],
    ] as const;
    const html = renderToStaticMarkup(
      <Choice<boolean> label="Probe" value={false} options={options} onPick={() => {}} />,
    );
    assert.match(html, /<select aria-label="Probe"/);
    assert.match(html, /<option value="true">with a probe/);
    assert.match(html, /<option value="false" selected="">by ear and eye/);
  });
});

describe('RuleChoice', () => {
  it('shows the rule that a repeated roast had, also where none would propose it', () => {
    const rule = { kind: 'afterFirstCrack', seconds: 371 } as const;
    const choice = { shade: 6 as const, rule, onRule: () => {}, onKind: () => {} };
    const html = renderToStaticMarkup(<RuleChoice gear={{ method: 'pan' }} {...choice} />);
    assert.match(html, /value="371"/);
    assert.match(html, /<option value="afterFirstCrack" selected="">after first crack/);
  });
});

describe('Alike', () => {
  const figures = (pulls: readonly number[]) =>
    pulls.map((at) => figuresOf(roastOf([mark(at / 3, 'yellow'), mark((2 * at) / 3, 'firstCrack'), pull(at)]), []));
  const words = (pulls: readonly number[]) => renderToStaticMarkup(<Alike figures={figures(pulls)} />);
  it('says how much the time varies, and what is too little to say', () => {
    // 300, 310 and 320 s: a deviation of 10 s of 310.
    const html = words([300, 310, 320]);
    assert.match(html, /the whole time varies by about 3 %/);
    assert.match(html, /Six pulled roasts and more tell/);
    assert.match(html, /Not enough roasts yet/);
  });
  it('says that it gets steadier only when it plainly does', () => {
    assert.match(words([300, 380, 290, 400, 340, 342, 341, 343]), /you are getting steadier/);
    assert.match(words([340, 342, 341, 343, 300, 380, 290, 400]), /varies more than the older half/);
    assert.match(words([300, 320, 310, 330, 301, 321, 311, 331]), /about as much as the older half/);
  });
});

it('the steps of a recipe hold a move whose moment has no time, last and in words', () => {
  const gear = {
    id: 'gear:one00000',
    nickname: 'Crank pot',
    method: 'stovetopPopper',
    createdAt: '2026-11-01T10:00:00.000Z',
  };
  const recipe = {
    moves: [
      { when: { kind: 'milestone', milestone: 'secondCrack' }, control: 'flame', value: 2 },
      { when: { kind: 'milestone', milestone: 'firstCrack' }, control: 'flame', value: 4 },
      { when: { kind: 'at', atS: 60 }, control: 'flame', value: 6 },
    ],
    guide: { firstCrack: 400, pull: 500 },
  };
  const told = recipeSteps(recipe as never, gear as never).map(({ clock, says }) => `${clock} ${says}`);
  assert.equal(told.length, 6);
  assert.match(told[1] ?? '', /^1:00 .*6$/);
  assert.deepEqual([told[0], told[2]?.slice(0, 4), told[4]], ['0:00 beans in', '6:40', '8:20 pull']);
  assert.match(told[5] ?? '', /^– .*2 at second crack$/);
});

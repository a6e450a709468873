import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  type Entry,
  liveEntries,
  milestonesOf,
  nextMilestone,
  questionsAbout,
  stageOf,
  stretchesOf,
} from '@/core/roast';
import { entry, mark, pull } from '../build.ts';

const reachedIn = (...log: Entry[]) => milestonesOf(liveEntries(log));
const asked = (...log: Entry[]) => questionsAbout(liveEntries(log));

describe('milestonesOf', () => {
  it('takes the one pressed last where one was marked twice', () => {
    assert.equal(reachedIn(mark(240, 'firstCrack'), mark(280, 'firstCrack')).firstCrack, 280);
    assert.equal(
      reachedIn(mark(280, 'firstCrack'), entry(240, { kind: 'mark', milestone: 'firstCrack' }, 300)).firstCrack,
      240,
    );
  });
  it('knows the pull of a part from the pull that ends the roast', () => {
    assert.equal(reachedIn(pull(400, { all: false })).pull, undefined);
    assert.equal(reachedIn(pull(400, { all: false }), pull(450)).pull, 450);
  });
});

describe('what comes next', () => {
  it('follows the order of work', () => {
    const steps: [Parameters<typeof nextMilestone>[0], string | undefined, string][] = [
      [{}, 'yellow', 'drying'],
      [{ yellow: 120 }, 'firstCrack', 'browning'],
      [{ yellow: 120, firstCrack: 240 }, 'pull', 'firstCrack'],
      [{ firstCrack: 240, firstCrackEnd: 300 }, 'pull', 'quietGap'],
      [{ firstCrack: 240, secondCrack: 330 }, 'pull', 'secondCrack'],
      [{ pull: 320 }, 'cooled', 'cooling'],
      [{ pull: 320, cooled: 500 }, undefined, 'cooled'],
    ];
    for (const [reached, next, stage] of steps)
      assert.deepEqual([nextMilestone(reached), stageOf(reached, true)], [next, stage]);
    assert.equal(stageOf({}, false), 'preheating');
  });
  it('waits for no yellow once first crack is marked', () => assert.equal(nextMilestone({ firstCrack: 240 }), 'pull'));
});

describe('stretchesOf', () => {
  it('gives times and shares, worked by hand', () => {
    const stretches = stretchesOf({ yellow: 120, firstCrack: 240, pull: 320 });
    assert.deepEqual(
      stretches.map(({ name, fromS, toS }) => [name, toS - fromS]),
      [
        ['drying', 120],
        ['browning', 120],
        ['afterCrack', 80],
      ],
    );
    assert.deepEqual(
      stretches.map(({ share }) => share),
      [0.375, 0.375, 0.25],
    );
  });
  it('guesses nothing where a milestone is missing', () => {
    assert.deepEqual(
      stretchesOf({ firstCrack: 240, pull: 320 }).map(({ name }) => name),
      ['afterCrack'],
    );
    assert.deepEqual(stretchesOf({ pull: 320 }), []);
  });
  it('gives no share before the pull and no stretch that runs backwards', () => {
    assert.equal(stretchesOf({ yellow: 120 })[0]?.share, undefined);
    assert.deepEqual(
      stretchesOf({ yellow: 250, firstCrack: 240 }).map(({ name }) => name),
      ['drying'],
    );
  });
});

describe('questionsAbout', () => {
  it('is silent about a roast that is in order', () => {
    assert.deepEqual(
      asked(
        mark(120, 'yellow'),
        mark(240, 'firstCrack'),
        mark(300, 'firstCrackEnd'),
        mark(340, 'secondCrack'),
        pull(350),
      ),
      [],
    );
  });
  it('is silent about a pull without any mark: nothing was claimed', () => assert.deepEqual(asked(pull(350)), []));
  it('asks about second crack before first', () => {
    const [question] = asked(mark(120, 'yellow'), mark(300, 'secondCrack'));
    assert.equal(question?.kind, 'missingBefore');
    const [swapped] = asked(mark(300, 'secondCrack'), mark(320, 'firstCrack'));
    assert.equal(swapped?.kind, 'beforeEarlier');
  });
  it('of a mark pressed twice the later press holds, whichever of the two happened first', () => {
    const [early, late] = [mark(150, 'yellow'), mark(120, 'yellow')];
    // Pressed after the other, and put before it.
    const moved = entry(200, { kind: 'amend', target: late.id, happenedAt: 100 });
    const [question] = asked(late, early, moved);
    assert.deepEqual([question?.kind, question?.entryId], ['twice', early.id]);
  });
  it('asks about a mark that was moved before an earlier milestone', () => {
    const crack = mark(240, 'firstCrack');
    const [question] = asked(
      mark(120, 'yellow'),
      crack,
      entry(250, { kind: 'amend', target: crack.id, happenedAt: 90 }),
    );
    assert.deepEqual(question, {
      kind: 'beforeEarlier',
      entryId: crack.id,
      milestone: 'firstCrack',
      other: 'yellow',
      otherAt: 120,
      at: 90,
    });
  });
  it('asks about marks seconds apart that must be minutes', () => {
    const [question] = asked(mark(120, 'yellow'), mark(130, 'firstCrack'));
    assert.ok(question?.kind === 'tooSoon' && question.afterS === 10);
    assert.equal(asked(mark(4, 'yellow'))[0]?.kind, 'tooSoon');
    // However little stands before it: nothing cracks within a minute.
    const [crack] = asked(mark(30, 'firstCrack'));
    assert.ok(crack?.kind === 'tooSoon' && crack.other === 'charge' && crack.afterS === 30);
    assert.deepEqual(asked(mark(60, 'firstCrack')), []);
  });
  it('asks in order of time, whatever was pressed first', () => {
    const questions = asked(mark(300, 'firstCrack'), mark(305, 'firstCrackEnd'), mark(4, 'yellow'));
    assert.deepEqual(
      questions.map(({ milestone }) => milestone),
      ['yellow', 'firstCrackEnd'],
    );
  });
  it('asks which of two marks of one milestone holds', () => {
    const question = asked(mark(240, 'firstCrack'), mark(280, 'firstCrack')).find(({ kind }) => kind === 'twice');
    assert.ok(question?.kind === 'twice' && question.at === 280 && question.earlierAt === 240);
  });
  it('asks no more once the person stands by it', () => {
    const second = mark(300, 'secondCrack');
    assert.deepEqual(asked(second, entry(310, { kind: 'amend', target: second.id, sure: true })), []);
  });
});

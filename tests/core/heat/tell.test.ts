import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type MethodId, methodIds, methodOf } from '@/core/gear';
import { forecastsAhead } from '@/core/heat';
import type { Entry, PullRule } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { entry, mark, undoOf } from '../build.ts';
import { first, next, type Scene, scene, texts, told } from './situation.ts';

const reading = (at: number, celsius: number) => entry(at, { kind: 'reading', celsius });
const pops = (...at: number[]) => at.map((each) => entry(each, { kind: 'crack', crack: 'first' }));
const snaps = (...at: number[]) => at.map((each) => entry(each, { kind: 'crack', crack: 'second' }));
const cracked = [mark(120, 'yellow'), mark(240, 'firstCrack')];

describe('with no mark pressed, the clock alone speaks', () => {
  it('asks what the beans look like when yellow or first crack are later than usual, one press each', () => {
    // Table 4: yellow on a hot-air popper by 3:20, first crack by 6:30 at the latest usual; on a first roast its range holds.
    assert.equal(first({ nowS: 190 }), undefined);
    const late = first({ nowS: 215 });
    assert.equal(late?.level, 'ask');
    assert.match(late?.text ?? '', /^Yellow is usually here by 3:\d\d\. What do the beans look like now\?$/);
    assert.deepEqual(
      late?.answers?.map(({ label }) => label),
      ['Green', 'Yellow', 'Brown', 'Cracking'],
    );
    assert.deepEqual(late?.answers?.[3]?.does, {
      kind: 'log',
      lines: [{ draft: { kind: 'mark', milestone: 'firstCrack' }, atS: 215 }],
    });
  });
  it('asks for first crack once even that is later than usual', () => {
    assert.match(first({ nowS: 420 })?.text ?? '', /^First crack is usually here by 6:\d\d\./);
  });
  it('rests a minute after an answer, and goes on from what was seen', () => {
    const green = entry(215, { kind: 'colour', tone: 0 });
    assert.deepEqual(texts({ nowS: 230, entries: [green] }), []);
    assert.equal(first({ nowS: 290, entries: [green] })?.level, 'ask');
    const brown = entry(215, { kind: 'colour', tone: 0.6 });
    assert.match(next({ nowS: 230, entries: [brown] }).head, /^First crack/);
    assert.equal(next({ nowS: 230, entries: [brown] }).stage, 'Browning');
  });
  it('says past the latest usual pull that the beans may be near fire, on every method', () => {
    for (const method of methodIds) {
      const latest = methodOf(method).pull.lateS;
      const at = first({ nowS: latest * 1.25, method });
      assert.equal(at?.level, 'danger', method);
      assert.match(at?.text ?? '', /no crack marked; latest usual pull .* Perhaps near fire: look now\./);
    }
    assert.match(first({ nowS: 841 })?.text ?? '', /^14:01, no crack marked; latest usual pull 8:0\d\./);
    const { stage, head } = next({ nowS: 841 });
    assert.deepEqual([stage, head], ['Look now', 'No crack marked']);
    assert.ok(!texts({ nowS: 841 }).some((text) => /any moment/.test(text)), 'nothing calm beside it');
  });
  it('asks when the thermometer is past first crack and nobody marked it', () => {
    const hot = (lastC: number, ownC?: number) =>
      told({
        nowS: 300,
        ...(ownC === undefined ? {} : { ownC }),
        entries: [mark(120, 'yellow'), reading(240, lastC - 14), reading(270, lastC - 7), reading(296, lastC)],
      }).some(({ key }) => key.startsWith('hot'));
    // The usual first crack is 199: 20 past it is asked about; of the gear's own 12 are enough.
    assert.deepEqual([hot(215), hot(220), hot(204, 190), hot(200, 190)], [false, true, true, false]);
  });
  it('gives a late yellow its late first crack before it asks', () => {
    const late = scene({ nowS: 330, entries: [mark(320, 'yellow')] });
    assert.ok(late.usual.firstCrack.lateS > scene({ nowS: 330 }).usual.firstCrack.lateS);
  });
});

describe('second crack', () => {
  const rolling = (since: number, shade: ShadeNumber, rule?: PullRule, method: MethodId = 'stovetopPopper') =>
    first({
      nowS: 700 + since,
      method,
      entries: [mark(270, 'yellow'), mark(510, 'firstCrack'), mark(700, 'secondCrack')],
      roast: { wantedShade: shade, ...(rule ? { pullRule: rule } : {}) },
    });
  const into = { kind: 'intoSecondCrack' as const, seconds: 25 };
  it('is danger as it rolls where medium is wanted, and never "Pull now: medium"', () => {
    for (const since of [0, 10, 60]) {
      const at = rolling(since, 4);
      assert.equal(at?.level, 'danger');
      assert.match(at?.text ?? '', /smoke and fire/);
    }
    for (const since of [0, 40]) {
      const all = texts({ nowS: 700 + since, entries: [...cracked, mark(690, 'secondCrack')] });
      assert.ok(!all.some((text) => /^Pull now: medium/.test(text)));
    }
  });
  it('is counted: what was wanted, then danger twenty seconds later, then fire', () => {
    assert.match(rolling(10, 6, into)?.text ?? '', /^0:10 into second crack; smoke and fire from about 1:45\.$/);
    assert.deepEqual(
      [rolling(25, 6, into)?.level, rolling(25, 6, into)?.text],
      ['due', 'Pull now: 0:25 into second crack.'],
    );
    assert.deepEqual(
      [rolling(45, 6, into)?.level, rolling(45, 6, into)?.text],
      ['danger', '0:45 into second crack, 0:25 wanted: smoke, then fire. Pull now.'],
    );
    assert.equal(rolling(105, 6, into)?.text, 'Second crack for 1:45: smoke, char and fire come now. Out, heat off.');
  });
  it('brings fire sooner in strong hot air, later in a slow pan (handbook, section 14)', () => {
    const fires = (method: MethodId) =>
      [74, 76, 89, 91, 104, 106].filter((since) =>
        /come now/.test(rolling(since, 7, { kind: 'intoSecondCrack', seconds: 60 }, method)?.text ?? ''),
      )[0];
    assert.deepEqual([fires('hotAirPopper'), fires('oven'), fires('pan')], [76, 91, 106]);
  });
  it('counts from what is heard where nobody marks it', () => {
    const heard = first({
      nowS: 330,
      entries: [...cracked, ...pops(240, 242, 244, 246), ...snaps(320, 321, 322, 323, 324)],
    });
    assert.deepEqual([heard?.level, heard?.key], ['danger', 'secondUnwanted']);
  });
});

describe('fire by temperature', () => {
  it('is counted from this roast’s own first crack, then the gear’s own, then the usual one', () => {
    const at = (firstC: number, lastC: number, ownC?: number) =>
      texts({
        nowS: 330,
        ...(ownC === undefined ? {} : { ownC }),
        entries: [
          ...cracked,
          reading(215, firstC - 10),
          reading(240, firstC),
          reading(290, (firstC + lastC) / 2),
          reading(325, lastC),
        ],
        roast: { wantedShade: 7, pullRule: { kind: 'intoSecondCrack', seconds: 60 } },
      }).filter((text) => /smoke and fire are near/.test(text));
    // Marked at 178 and read 48 past it: an alarm. At 224 and 22 past it: none, whatever the usual figure says.
    assert.deepEqual(at(178, 226), ['48 °C past first crack: smoke and fire are near. Out now, heat off.']);
    assert.deepEqual(at(224, 246), []);
    const unmarked = (ownC?: number) =>
      told({
        nowS: 300,
        ...(ownC === undefined ? {} : { ownC }),
        entries: [reading(230, 200), reading(260, 222), reading(295, 240)],
      }).filter(({ key }) => key === 'fire');
    assert.equal(unmarked(190).length, 1);
    assert.match(unmarked(190)[0]?.text ?? '', /^50 °C past this gear’s first crack/);
    assert.equal(unmarked().length, 0, '240 is 41 past the usual 199');
  });
  it('stands beside no calm countdown, and no alarm goes by a reading in doubt', () => {
    const hot: Scene = {
      nowS: 330,
      entries: [...cracked, reading(240, 178), reading(290, 202), reading(325, 226)],
      roast: { wantedShade: 6 },
    };
    assert.equal(next(hot).stage, 'Out now');
    assert.equal(next(hot).inS, undefined);
    const slip: Scene = { nowS: 300, entries: [reading(230, 160), reading(260, 170), reading(295, 390)] };
    assert.deepEqual(
      told(slip).filter(({ level }) => level === 'danger'),
      [],
    );
    assert.match(texts(slip)[0] ?? '', /^390 °C is far off the curve, which points to 18\d °C\.$/);
    assert.match(texts({ nowS: 60, entries: [reading(50, 380)] })[0] ?? '', /is more than beans can be/);
    const sure = slip.entries?.at(-1) as Entry;
    const stoodBy = {
      ...slip,
      entries: [...(slip.entries ?? []), entry(298, { kind: 'amend', target: sure.id, sure: true })],
    };
    assert.equal(first(stoodBy)?.key, 'fire');
  });
});

describe('the pull', () => {
  const rule: PullRule = { kind: 'afterFirstCrack', seconds: 80 };
  const at = (nowS: number, facts: Partial<Scene> = {}) => ({
    nowS,
    entries: cracked,
    roast: { pullRule: rule },
    ...facts,
  });
  it('is announced, due, and danger when it is passed by, with what lies ahead', () => {
    assert.ok(!texts(at(300)).some((text) => /^Pull/.test(text)));
    assert.ok(texts(at(311)).includes('Pull in ten seconds. Cooling ready?'));
    assert.ok(texts(at(321)).includes('Pull now: medium.'));
    const late = first(at(342));
    assert.deepEqual(
      [late?.level, late?.text],
      ['danger', '0:22 past the pull you meant: darker than medium, smoke and fire lie ahead. Pull now.'],
    );
  });
  it('follows the probe where a probe rule does: target, how far, and when', () => {
    const probing = (nowS: number, ...last: Entry[]): Scene => ({
      nowS,
      ownC: 190,
      entries: [...cracked, reading(210, 188), reading(240, 194), ...last],
      roast: { wantedShade: 5, pullRule: { kind: 'probe', degreesPast: 21 } },
    });
    // Read 194 at its own first crack: the target is 215. At 207 and 6 °C a minute, 8 are left: about 1:26.
    const on = probing(300, reading(270, 204), reading(300, 207));
    const [due] = scene(on).pulls;
    assert.deepEqual(
      [due?.by, Math.round(due?.probe?.targetC ?? 0), Math.round(due?.probe?.leftC ?? 0)],
      ['probe', 215, 8],
    );
    assert.match(next(on).detail, /^between .* 8 °C to go to 215 °C$/);
    assert.ok((due?.dueS ?? 0) > 320, 'not by the clock');
    assert.ok(texts(probing(330, reading(300, 208), reading(328, 215))).includes('Pull now: 215 °C, medium-dark.'));
    const silent = probing(400);
    assert.match(next(silent).detail, /no fresh reading: by the clock meanwhile/);
  });
  it('by sound counts from what is heard', () => {
    const by = (pullRule: PullRule, entries: Entry[], nowS: number) =>
      Math.round(
        scene({ nowS, entries: [...cracked, ...entries], roast: { pullRule, wantedShade: 5 } }).pulls[0]?.dueS ?? 0,
      );
    const rolled = pops(240, 242, 244, 250, 260);
    assert.equal(by({ kind: 'afterFirstCrackEnd', seconds: 30 }, rolled, 290), 250 + 30);
    assert.equal(by({ kind: 'firstSnaps' }, [...rolled, ...snaps(330, 333)], 335), 333);
    assert.equal(
      by({ kind: 'intoSecondCrack', seconds: 5 }, [...rolled, ...snaps(330, 331, 332, 333, 334)], 335),
      334 + 5,
    );
  });
  it('of a part has its own time and its own words, and no part is called too dark while darker ones are planned', () => {
    const plannedParts = ([3, 4, 6] as const).map((shade) => ({ shade, share: 1 / 3 }));
    const staged = (nowS: number, ...entries: Entry[]): Scene =>
      at(nowS, { entries: [...cracked, ...entries], roast: { pullRule: rule, plannedParts } });
    // 80 s are for medium: light-medium after 0.8 of it, dark after 1.6.
    const all = scene(staged(260)).pulls.map(({ dueS, shade, last }) => [Math.round(dueS - 240), shade, last]);
    assert.deepEqual(all, [
      [64, 3, false],
      [80, 4, false],
      [128, 6, true],
    ]);
    const ahead = forecastsAhead(scene(staged(260))).filter(({ milestone }) => milestone === 'pull');
    assert.deepEqual(
      ahead.map(({ name }) => name),
      ['light-medium', 'medium', 'dark'],
    );
    assert.ok(texts(staged(305)).includes('Take part 1 now: light-medium.'));
    assert.match(next(staged(280)).head, /^Part 1, light-medium, in about/);
    const part = (s: number, shade: 3 | 4) => entry(s, { kind: 'pull', all: false, shade });
    assert.equal(scene(staged(330, part(306, 3), part(322, 4))).pulls[0]?.shade, 6);
    assert.ok(!told(staged(352, part(306, 3), part(322, 4))).some(({ level }) => level === 'danger'));
  });
});

describe('the forecast before a late mark', () => {
  it('follows the clock, so that the mark makes nothing jump', () => {
    const pull = (nowS: number, entries: Entry[]) => scene({ nowS, entries, method: 'pan' }).pulls[0]?.dueS ?? 0;
    const before = pull(700, []);
    const after = pull(701, [mark(700, 'yellow')]);
    assert.ok(before > 1100, `${before}: pushed by the overdue yellow`);
    assert.ok(Math.abs(after - before) < 0.12 * before, `${before} before the mark, ${after} after it`);
  });
});

describe('planned moves and reminders', () => {
  const three = { when: { kind: 'milestone' as const, milestone: 'yellow' as const }, control: 'flame', value: 3 };
  const again = { when: { kind: 'at' as const, atS: 300 }, control: 'flame', value: 3 };
  const planned = (nowS: number, entries: Entry[], plannedMoves = [three, again]) =>
    scene({ nowS, method: 'pan', entries, roast: { plannedMoves } }).moves.map(({ state }) => state);
  const made = (at: number) => entry(at, { kind: 'move', control: 'flame', value: 3 });
  it('to the same value are two moves, each done, skipped or due by itself', () => {
    assert.deepEqual(planned(125, [mark(120, 'yellow'), made(124)]), ['done', 'waiting']);
    assert.deepEqual(planned(310, [mark(120, 'yellow'), made(124)]), ['done', 'due']);
    assert.deepEqual(planned(310, [mark(120, 'yellow'), made(124), made(305)]), ['done', 'done']);
    assert.deepEqual(planned(170, [mark(120, 'yellow')]), ['skipped', 'waiting']);
    assert.deepEqual(planned(310, [mark(120, 'yellow'), made(305)]), ['skipped', 'done']);
    assert.deepEqual(planned(130, [mark(120, 'yellow'), entry(125, { kind: 'skip', planned: 0 })]), [
      'skipped',
      'waiting',
    ]);
    assert.deepEqual(planned(60, [made(50)]), ['done', 'waiting'], 'made before its time');
    const back = entry(60, { kind: 'move', control: 'flame', value: 5 });
    assert.deepEqual(planned(125, [made(50), back, mark(120, 'yellow')]), ['due', 'waiting'], 'made, and taken back');
  });
  it('come up with their answers, and a skipped one is said', () => {
    const scene: Scene = {
      nowS: 125,
      method: 'pan',
      entries: [mark(120, 'yellow')],
      roast: { plannedMoves: [three, again] },
    };
    const due = told(scene).find(({ key }) => key === 'move0');
    assert.deepEqual([due?.text, due?.answers?.map(({ label }) => label)], ['Now: flame 3.', ['Done', 'Skip']]);
    assert.ok(texts({ ...scene, nowS: 170 }).includes('Skipped: flame 3. It can still be made.'));
    assert.ok(!texts({ ...scene, nowS: 200 }).some((text) => /^Skipped/.test(text)));
  });
  it('can come again and again, each time once', () => {
    const gear = { reminders: [{ when: { kind: 'at' as const, atS: 180, everyS: 180 }, text: 'Turn the tray' }] };
    const keys = (nowS: number) =>
      told({ nowS, method: 'oven', gear }).flatMap(({ key }) => (key.startsWith('reminder') ? [key] : []));
    assert.deepEqual([170, 185, 300, 365, 541].map(keys), [[], ['reminder0.0'], [], ['reminder0.1'], ['reminder0.2']]);
    const onTwoTrays = told({ nowS: 365, method: 'oven', gear: { trays: 2 } });
    assert.ok(onTwoTrays.some(({ text }) => text === 'Change the trays over and turn them round.'));
  });
});

describe('faster or slower than usual', () => {
  it('is told at the mark with what helps on the method, and only outside the range', () => {
    const yellow = (at: number, method: MethodId) =>
      texts({ nowS: at + 5, method, entries: [mark(at, 'yellow')] }).find((text) => /^Yellow at/.test(text));
    assert.equal(yellow(130, 'hotAirPopper'), undefined);
    assert.match(
      yellow(50, 'hotAirPopper') ?? '',
      /^Yellow at 0:50, faster than usual on this kind of gear \(1:\d\d to 3:2\d\)\. Lid off, or less heat\.$/,
    );
    assert.match(yellow(700, 'pan') ?? '', /slower than usual .* A step more flame, out of the draught\.$/);
    assert.match(
      texts({ nowS: 395, entries: [mark(120, 'yellow'), mark(391, 'firstCrack')], roast: { wantedShade: 6 } }).join(),
      /^((?!First crack at).)*$/,
    );
  });
  it('in a pan of 37 minutes is heard of long before it is over', () => {
    const heard = [645, 660, 1100, 1200, 1700].map((nowS) => first({ nowS, method: 'pan' })?.level);
    assert.deepEqual(heard, ['ask', 'ask', 'ask', 'ask', 'danger']);
  });
  it('by the weather is told at the beginning, outdoors', () => {
    const cold = (place: 'indoors' | 'outdoors', nowS: number) =>
      texts({ nowS, roast: { ambientC: 6, place } }).filter((text) => /^Cold/.test(text)).length;
    assert.deepEqual([cold('outdoors', 10), cold('outdoors', 60), cold('indoors', 10)], [1, 0, 0]);
  });
});

describe('what is asked', () => {
  it('about marks keeps its words and answers: order, too soon, twice', () => {
    const early = told({ nowS: 122, entries: [mark(90, 'yellow'), mark(120, 'secondCrack')] }).find(
      ({ level }) => level === 'ask',
    );
    assert.equal(early?.text, 'Second crack, and no first crack before it?');
    assert.deepEqual(
      early?.answers?.map(({ label }) => label),
      ['It was first crack', 'It is right', 'Take it back'],
    );
    const twice = told({ nowS: 262, entries: [...cracked, mark(260, 'firstCrack')] }).find(
      ({ level }) => level === 'ask',
    );
    assert.deepEqual(
      twice?.answers?.map(({ label }) => label),
      ['4:20', '4:00'],
    );
    const soon = told({ nowS: 12, entries: [mark(10, 'yellow')] }).find(({ level }) => level === 'ask');
    assert.equal(soon?.text, 'Yellow only 10 s after the beans went in?');
  });
  it('by taps: "Not yet" means not now; three more pops ask again, from where rolling began', () => {
    const asked = (entries: Entry[], putOff?: number) =>
      told({
        nowS: 268,
        entries: [mark(120, 'yellow'), ...entries],
        ...(putOff === undefined ? {} : { putOff: new Map([['taps:firstCrack', putOff]]) }),
      }).find(({ key }) => key === 'taps:firstCrack');
    const rolled = pops(255, 257, 259);
    assert.equal(asked(rolled)?.text, 'By your taps: first crack since 4:19. Take it?');
    assert.equal(asked(rolled, 3), undefined);
    assert.equal(asked([...rolled, ...pops(261, 263)], 3), undefined);
    const again = asked([...rolled, ...pops(261, 263, 265)], 3);
    assert.deepEqual(again?.answers?.[0]?.does, {
      kind: 'log',
      lines: [{ draft: { kind: 'mark', milestone: 'firstCrack' }, atS: 259 }],
    });
  });
  it('about snaps that only the gap made so, and one press makes them pops', () => {
    const snap = snaps(330)[0] as Entry;
    const at = told({
      nowS: 331,
      entries: [...cracked, snap],
      roast: { pullRule: { kind: 'afterFirstCrack', seconds: 150 }, wantedShade: 6 },
    }).find(({ key }) => key === 'snaps');
    assert.deepEqual(
      at?.answers?.map(({ label }) => label),
      ['Right', 'Pops of first'],
    );
    assert.deepEqual(at?.answers?.[1]?.does, {
      kind: 'log',
      lines: [{ draft: { kind: 'undo', target: snap.id } }, { draft: { kind: 'crack', crack: 'first' }, atS: 330 }],
    });
  });
  it('about a colour: yellow or tan pressed before the mark offers the mark', () => {
    const colour = (tone: number, nowS = 112) =>
      told({ nowS, entries: [entry(110, { kind: 'colour', tone })] }).find(({ key }) => key.startsWith('colour:'));
    assert.deepEqual(colour(0.3)?.answers?.[0]?.does, {
      kind: 'log',
      lines: [{ draft: { kind: 'mark', milestone: 'yellow' }, atS: 110 }],
    });
    assert.match(colour(0.42)?.text ?? '', /^Tan already/);
    assert.equal(colour(0), undefined);
    assert.equal(colour(0.3, 160), undefined);
  });
  it('about a probe that reads something else at first crack than it used to', () => {
    const moved = told({ nowS: 245, ownC: 205, entries: [...cracked, reading(238, 190)] }).find(({ key }) =>
      key.startsWith('moved:'),
    );
    assert.match(moved?.text ?? '', /^The probe reads 15 °C below its usual 205 °C at first crack\.$/);
  });
  it('stops with the pull, and what was taken back asks nothing', () => {
    const wrong = mark(10, 'yellow');
    assert.deepEqual(texts({ nowS: 12, entries: [wrong, undoOf(wrong)] }), []);
  });
});

describe('before and after', () => {
  const preheating = { chargedAt: undefined, preheatedAt: '2026-11-24T10:00:00.000Z' };
  it('a preheat counts to its target: minutes, a reading or a sign; one that runs long is said', () => {
    const at = (nowS: number, gear: Scene['gear'] = {}, entries: Entry[] = []) => ({
      nowS,
      gear,
      entries,
      roast: preheating,
      method: 'pan' as const,
    });
    assert.deepEqual(texts(at(100, { preheatMin: 5 })), []);
    assert.deepEqual(
      [next(at(100, { preheatMin: 5 })).head, next(at(100, { preheatMin: 5 })).inS],
      ['Hot enough in about', 200],
    );
    assert.deepEqual(texts(at(275, { preheatMin: 5 })), ['Hot enough in about half a minute. Beans weighed?']);
    assert.deepEqual(texts(at(301, { preheatMin: 5 })), ['Hot enough: 5:00. Beans in.']);
    assert.match(
      texts(at(481, { preheatMin: 5 }))[0] ?? '',
      /^Heating for 8:01, 5:00 was meant\. Beans in, or heat off\.$/,
    );
    const heating = [reading(60, 150), reading(90, 160), reading(120, 170)];
    assert.equal(Math.round(next(at(120, { preheatC: 200 }, heating)).inS ?? 0), 90);
    assert.deepEqual(texts(at(120, { preheatC: 170 }, heating)), ['Hot enough: 170 °C. Beans in.']);
    assert.deepEqual(texts(at(60, { preheatSign: 'a drop of water dances' })), [
      'Hot enough when: a drop of water dances.',
    ]);
    assert.equal(next(at(60)).head, 'Press Beans in as you charge');
  });
  it('a preheat passes no time of the roast: planned moves wait, only what comes again and again reminds', () => {
    const facts: Scene = {
      nowS: 400,
      method: 'oven',
      gear: {
        reminders: [
          { when: { kind: 'at', atS: 390 }, text: 'Turn the tray' },
          { when: { kind: 'at', atS: 200, everyS: 200 }, text: 'Press start' },
        ],
      },
      roast: { ...preheating, plannedMoves: [{ when: { kind: 'at', atS: 390 }, control: 'oven', value: 230 }] },
    };
    assert.deepEqual(texts(facts), ['Press start.']);
    const at = scene(facts);
    assert.equal(at.moves[0]?.state, 'waiting');
    assert.equal(at.forecasts[0]?.medianS, scene({ ...facts, nowS: 1 }).forecasts[0]?.medianS);
  });
  it('cooling signals four minutes and hand-warm, and asks for two trays for a large batch', () => {
    const pulled = [...cracked, entry(320, { kind: 'pull', all: true })];
    assert.deepEqual(texts({ nowS: 330, entries: pulled }), []);
    assert.match(
      texts({ nowS: 330, entries: pulled, roast: { greenGrams: 250 } })[0] ?? '',
      /second half on a tray of its own/,
    );
    assert.match(texts({ nowS: 560, entries: pulled })[0] ?? '', /^4:00 of cooling: hand-warm by now\?/);
    assert.deepEqual(
      [560, 619, 620, 745].map((nowS) => first({ nowS, entries: pulled })?.key),
      ['cool0', 'cool0', 'cool1', 'cool3'],
      'said again each minute',
    );
    assert.deepEqual(
      [next({ nowS: 400, entries: pulled }), next({ nowS: 600, entries: [...pulled, mark(500, 'cooled')] })].map(
        ({ head, inS, detail }) => [head, inS, detail],
      ),
      [
        ['Hand-warm within', 160, 'Pulled at 5:20.'],
        ['Hand-warm after 3:00', undefined, 'Pulled at 5:20.'],
      ],
    );
    assert.deepEqual(texts({ nowS: 505, entries: [...pulled, mark(500, 'cooled')] }), [
      'Hand-warm after 3:00. Chaff off, then weigh.',
    ]);
  });
});

// Known answers for what a diagnosis must and must not say, by records written by hand.
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Lot } from '@/core/bean';
import { type CaseFacts, caseOf, diagnose, type Finding, type FindingId } from '@/core/diagnose';
import { changeWords } from '@/core/experiment';
import { type PastRoast, pastRoastOf, toldBy } from '@/core/forecast';
import type { Gear, MethodId } from '@/core/gear';
import type { Id } from '@/core/ids';
import type { Entry, Roast } from '@/core/roast';
import type { Cup } from '@/core/taste';
import { entry, mark, pull, roastOf } from '../build.ts';
import { recordOf } from './records.ts';
import { faults, moderate, sound } from './stories.ts';

const AT = '2026-11-20T10:00:00.000Z';
const gearOf = (method: MethodId): Gear => ({
  id: 'gear:hand0001' as Id<'gear'>,
  nickname: 'Bess',
  method,
  createdAt: AT,
});
const move = (at: number, value?: number, control = 'heat') =>
  entry(at, { kind: 'move', control, ...(value === undefined ? {} : { value }) });
type Times = readonly [yellow: number, firstCrack: number, pull: number];
const log = ([yellow, firstCrack, out]: Times, shade: 3 | 4 | 5 = 4) => [
  mark(yellow, 'yellow'),
  mark(firstCrack, 'firstCrack'),
  pull(out, { shade }),
];
const cup = (words: readonly string[], hours = 72): Cup => ({
  id: 'cup:hand0001' as Id<'cup'>,
  tastedAt: new Date(Date.parse(AT) + hours * 3_600_000).toISOString(),
  sheet: { overall: 4 },
  words: [...words],
});

/** Ten earlier roasts with these times, a few seconds apart, and what was set in each. */
function history(gear: Gear, [yellow, firstCrack, out]: Times, set: readonly Entry[], greenGrams: number): PastRoast[] {
  return Array.from({ length: 10 }, (_, i) => {
    const times = 1 + ((i % 5) - 2) * 0.01;
    const made = roastOf([...set, ...log([yellow * times, firstCrack * times, out * times])], {
      gearId: gear.id,
      greenGrams,
    });
    return pastRoastOf(toldBy(made), undefined, gear);
  });
}

interface Told {
  readonly method?: MethodId;
  readonly usual?: Times;
  readonly set?: readonly Entry[];
  readonly grams?: number;
  readonly now: readonly Entry[];
  readonly facts?: Partial<Roast>;
  readonly words?: readonly string[];
  readonly more?: Partial<CaseFacts>;
}
const USUAL: Times = [360, 690, 840];
function read({ method = 'smallDrum', usual = USUAL, set = [], grams = 200, now, facts, words, more }: Told) {
  const gear = gearOf(method);
  const roast = roastOf([...now], {
    gearId: gear.id,
    greenGrams: grams,
    wantedShade: 4,
    createdAt: AT,
    chargedAt: AT,
    ...facts,
  });
  const its = caseOf({
    roast,
    lot: undefined,
    gear,
    past: usual.length ? history(gear, usual, set, grams) : [],
    cups: words ? [cup(words)] : [],
    ...more,
  });
  return { its, ...diagnose(its) };
}
const ids = (findings: readonly Finding[]) => findings.map(({ id }) => id);
const all = ({ evidence, against }: Finding) => [...evidence, ...against].join(' ');

describe('the usual setting is the person’s own', () => {
  const slow: Times = [470, 900, 1080];
  it('a drum that is always at 4 is not said to be below usual', () => {
    const told = read({ set: [move(0, 4)], now: [move(0, 4), ...log(slow)], words: ['bready'] });
    assert.ok(told.findings.length > 0);
    for (const finding of told.findings) assert.doesNotMatch(all(finding), /below/);
  });
  it('at 6 where 8 is usual it is', () => {
    const { findings } = read({ set: [move(0, 8)], now: [move(0, 6), ...log(slow)], words: ['bready'] });
    assert.equal(findings[0]?.id, 'overLong');
    assert.match(all(findings[0] as Finding), /2 steps below what you usually set until yellow/);
    assert.ok(!ids(findings).includes('underpowered'), 'it was set lower, not weaker');
  });
  it('what was not noted is not as usual, and gear without a control of heat has none', () => {
    const { findings } = read({ set: [move(0, 4)], now: log(slow), words: ['bready'] });
    for (const finding of findings) assert.doesNotMatch(all(finding), /heat was set/i);
    const air = read({ method: 'hotAirPopper', usual: [120, 240, 320], now: log([165, 330, 420]), words: ['flat'] });
    assert.ok(air.findings.length > 0);
    for (const finding of air.findings) assert.doesNotMatch(all(finding), /heat was/i);
  });
  it('a change is told by how much where nobody noted a setting, and promises only what own roasts showed', () => {
    const { findings } = read({ now: log([250, 500, 650]), words: ['tart'] });
    const { change, expected } = findings[0]?.proposal ?? {};
    assert.ok(change?.kind === 'heat' && change.bySteps < 0);
    assert.match(changeWords(change, gearOf('smallDrum'), String), /^heat (a step|2 steps) lower than you had it from/);
    assert.equal(expected, undefined);
  });
});

it('a drying as usual acquits the power: a dragged middle is a dragged middle', () => {
  for (const words of [undefined, ['flat'], ['bready']]) {
    const { findings } = read({ now: log([362, 860, 1010]), ...(words ? { words } : {}) });
    assert.equal(findings[0]?.id, 'draggedBrowning');
    assert.ok(!ids(findings).includes('underpowered'));
  }
});

describe('what is always so here may still be out of the method’s range', () => {
  const short: Times = [70, 140, 180];
  it('three minutes in a popper, raw inside', () => {
    const told = read({ method: 'hotAirPopper', usual: short, now: log(short), facts: { bite: 'palerInside' } });
    assert.equal(told.findings[0]?.id, 'tooShort');
    const quiet = read({ method: 'hotAirPopper', usual: short, now: log(short), facts: { stars: 5 } });
    assert.deepEqual(quiet.findings, [], 'nobody complained');
  });
  it('nineteen minutes in an oven, bready', () => {
    const long: Times = [520, 940, 1140];
    const { findings } = read({ method: 'oven', usual: long, now: log(long), words: ['bready'] });
    assert.equal(findings[0]?.id, 'overLong');
    assert.match(all(findings[0] as Finding), /this method usually takes 10:00 to 18:00/);
  });
  it('no rise before every pull', () => {
    const flat = Array.from({ length: 40 }, (_, i) =>
      entry(i * 21 + 1, { kind: 'reading', celsius: i < 33 ? 60 + i * 4.2 : 199 }),
    );
    const { findings } = read({ now: [...log(USUAL), ...flat], words: ['bready'] });
    assert.equal(findings[0]?.id, 'stall');
  });
});

describe('the pull', () => {
  const rule = { kind: 'afterFirstCrack', seconds: 60 } as const;
  it('what was planned against what was done is the first evidence, and the change at most what was missed', () => {
    const { findings } = read({
      usual: [360, 690, 750],
      now: log([360, 690, 775], 5),
      facts: { pullRule: rule },
      words: ['bitter'],
    });
    assert.equal(findings[0]?.id, 'wentTooFar');
    assert.match(
      findings[0]?.evidence[0] ?? '',
      /^By the plan’s own rule|^By the plan's own rule it was to be pulled 25 s sooner/,
    );
    assert.deepEqual(findings[0]?.proposal.change, { kind: 'pull', byS: -25 });
  });
  it('a big miss takes two steps, and says so', () => {
    const { findings } = read({
      now: log([360, 690, 960], 5),
      facts: { pullRule: { ...rule, seconds: 150 } },
      words: ['bitter'],
    });
    assert.deepEqual(findings[0]?.proposal.change, { kind: 'pull', byS: -30 });
    assert.match(findings[0]?.proposal.expected ?? '', /about 120 s off: this is the first of two steps/);
  });
  it('of a staged roast is judged part by part, each by its own shade', () => {
    const parts = [
      { shade: 3 as const, share: 0.5 },
      { shade: 5 as const, share: 0.5 },
    ];
    const staged = (light: 3 | 5) =>
      read({
        now: [
          mark(360, 'yellow'),
          mark(690, 'firstCrack'),
          pull(800, { all: false, shade: light }),
          pull(880, { shade: 5 }),
        ],
        facts: { plannedParts: parts, wantedShade: 5 },
        words: ['bitter'],
      }).findings.find(({ id }) => id === 'wentTooFar');
    assert.match(staged(5)?.evidence.join() ?? '', /Part 1 came out medium-dark, meant to be light-medium\./);
    assert.doesNotMatch(staged(3)?.evidence.join() ?? '', /Part/);
  });
  it('bitter where dark was meant, or tart where light was, gets the usual small change', () => {
    const dark = read({
      usual: [360, 690, 880],
      now: log([360, 690, 880], 5),
      facts: { wantedShade: 5 },
      words: ['bitter'],
    });
    assert.deepEqual(dark.findings[0]?.proposal.change, { kind: 'pull', byS: -15 });
    const light = read({
      usual: [360, 690, 790],
      now: log([360, 690, 790], 3),
      facts: { wantedShade: 3 },
      words: ['tart'],
    });
    assert.deepEqual(light.findings[0]?.proposal.change, { kind: 'pull', byS: 15 });
  });
  it('with first crack pressed at it says to move the mark, not to pull later', () => {
    const { findings } = read({
      now: [mark(360, 'yellow'), mark(838, 'firstCrack'), pull(840, { shade: 4 })],
      words: ['bitter'],
    });
    assert.deepEqual(ids(findings), ['misMarked']);
    assert.deepEqual(findings[0]?.proposal.change, { kind: 'care', care: 'moveMark' });
  });
  it('heat at first crack is sized from the late heat, and no more than a step past what was ever used', () => {
    const set = [move(0, 5)];
    const { findings } = read({
      set,
      now: [...set, move(688, 1), mark(360, 'yellow'), mark(690, 'firstCrack'), pull(1100, { shade: 4 })],
      words: ['bready'],
    });
    assert.equal(findings[0]?.id, 'stall');
    const { change } = findings[0]?.proposal ?? {};
    assert.ok(change?.kind === 'move' && Number(change.value) > 1 && Number(change.value) <= 3, JSON.stringify(change));
  });
});

describe('one change', () => {
  it('is asked of what it changes: gear without a control of heat gets another batch', () => {
    const slow = { now: log([200, 450, 600]), usual: [150, 330, 440] as Times };
    const [air] = read({ ...slow, method: 'hotAirPopper', grams: 80 }).findings;
    assert.deepEqual(
      [air?.id, air?.proposal.question],
      ['underpowered', 'A larger batch?'],
      'air is held back by beans',
    );
    const [drum] = read(slow).findings;
    assert.deepEqual([drum?.id, drum?.proposal.question], ['underpowered', 'More heat from the start?']);
  });
  it('stays within what the gear takes: where no larger batch goes in, what else helps', () => {
    const slow = { now: log([200, 450, 600]), usual: [150, 330, 440] as Times, method: 'hotAirPopper' as const };
    const told = (grams: number, largestGrams?: number) => {
      const own = { ...gearOf('hotAirPopper'), ...(largestGrams ? { largestGrams } : {}) };
      return read({ ...slow, grams, more: { gear: own } }).findings[0]?.proposal.change;
    };
    assert.deepEqual(told(110), { kind: 'grams', byGrams: 10 }, 'the method takes 120');
    assert.deepEqual(told(118), { kind: 'care', care: 'ownSocket' });
    assert.deepEqual(told(100, 95), { kind: 'care', care: 'ownSocket' });
  });
  it('moves the beans by what the gear has: tilt, drum, hands, else a smaller batch', () => {
    const patchy = (method: MethodId, usual: Times, ...moves: Entry[]) => {
      const slow = entry(100, { kind: 'sense', sense: 'movement', word: 'stuck' });
      const { findings } = read({ method, usual, now: [slow, ...moves, ...log(usual)], facts: { evenness: 'patchy' } });
      assert.equal(findings[0]?.id, 'poorMovement', method);
      const { change } = findings[0].proposal;
      return change.kind === 'move'
        ? `${change.control} ${change.value}`
        : change.kind === 'care'
          ? change.care
          : change;
    };
    const popper: Times = [120, 240, 320];
    const tilts = [0, 2, 3].map((value) => patchy('hotAirPopper', popper, ...(value ? [move(5, value, 'tilt')] : [])));
    assert.deepEqual(tilts, ['tilt 2', 'tilt 3', 'stir undefined']);
    assert.equal(patchy('smallDrum', USUAL, move(5, 7, 'drumSpeed')), 'drumSpeed 8');
    assert.equal(patchy('shaken', [270, 540, 660]), 'stirMore');
    assert.equal(patchy('pan', [420, 780, 960]), 'stir undefined');
    assert.equal(patchy('pan', [420, 780, 960], move(100, undefined, 'stir')), 'stirMore');
    assert.deepEqual(patchy('breadMachine', [330, 690, 840]), { kind: 'grams', byGrams: -10 });
  });
  it('takes two trays for two trays: the usual batch on them is no big one', () => {
    const oven: Times = [360, 660, 800];
    const twoTrays = { ...gearOf('oven'), trays: 2 as const };
    const told = (grams: number) => {
      const past = history(twoTrays, oven, [], 400);
      const now = log([400, 730, 870]);
      return read({ method: 'oven', now, grams, words: ['flat'], more: { gear: twoTrays, past } });
    };
    assert.equal(told(400).its.usualGrams, 400);
    assert.ok(!ids(told(400).findings).includes('bigBatch'));
    const [big] = told(500).findings;
    assert.deepEqual(big && [big.id, big.evidence[0]], [
      'bigBatch',
      'It was 100 g more than the 400 g this gear usually gets.',
    ]);
  });
  it('puts cold down to the air only where it is colder than usual here', () => {
    const now = log([460, 860, 1010]);
    const told = (ambientC: number, usually?: number) => {
      const { its } = read({ now });
      const past = usually === undefined ? its.past : its.past.map((each) => ({ ...each, ambientC: usually }));
      return read({ now, facts: { ambientC }, more: { past } }).findings[0]?.id;
    };
    assert.deepEqual(
      [12, 18].map((at) => told(at)),
      ['coldPlace', 'underpowered'],
    );
    assert.deepEqual([told(12, 10), told(4, 10)], ['underpowered', 'coldPlace']);
  });
  it('goes by every probe alike: a stream is one, whichever it comes from', () => {
    const rates = (['probe', 'simulator'] as const).map((source) => {
      const readings = Array.from({ length: 60 }, (_, i) => ({
        ...entry(780 + i, { kind: 'reading', celsius: 215 + i * 0.05 }),
        source,
      }));
      return read({ now: [...log(USUAL), ...readings] }).its.rates.atPull;
    });
    assert.equal(rates[0], rates[1]);
    assert.ok(Math.abs((rates[0] ?? 0) - 3) < 1e-9);
  });
  it('for spots tells what burnt them, and a late yellow is no weak mains', () => {
    const hot = read({ now: [move(2, 8), ...log([300, 640, 790])], set: [move(2, 5)], facts: { spots: 'many' } });
    assert.equal(hot.findings[0]?.id, 'scorched');
    assert.match(
      hot.findings[0]?.evidence.join(' ') ?? '',
      /3 steps above what you usually set until yellow.*Drying took 5:00/,
    );
    assert.deepEqual(
      read({ now: log([450, 690, 840]) }).findings.map(({ id }) => id),
      ['misMarked'],
    );
  });
});

describe('a tick', () => {
  it('counts once: patchy is a look and no complaint besides', () => {
    const { findings, unexplained, looksUnexplained, its } = read({ now: log(USUAL), facts: { evenness: 'patchy' } });
    assert.deepEqual([findings, unexplained, its.complaints.size], [[], [], 0]);
    assert.deepEqual(looksUnexplained, ['uneven'], 'the beans are not in order, though the times are');
    for (const finding of read({ now: log([250, 480, 620]), facts: { evenness: 'patchy' } }).findings)
      assert.doesNotMatch(all(finding), /called/);
  });
  it('of a stir is no evidence in hot air, and who stirs every two minutes is not told to stir', () => {
    const slow = entry(100, { kind: 'sense', sense: 'movement', word: 'slow' });
    const air = read({
      method: 'hotAirPopper',
      usual: [120, 240, 320],
      now: [slow, ...log([120, 240, 320])],
      facts: { evenness: 'patchy' },
    });
    assert.equal(air.findings[0]?.id, 'poorMovement');
    assert.doesNotMatch(all(air.findings[0] as Finding), /stir/);
    const pan: Times = [420, 780, 960];
    const stirs = [100, 200, 300, 420, 540, 660, 780, 900].map((at) => move(at, undefined, 'stir'));
    const stirred = read({
      method: 'pan',
      usual: pan,
      now: [slow, ...stirs, ...log(pan)],
      facts: { evenness: 'patchy' },
    });
    assert.equal(stirred.findings[0]?.id, 'poorMovement');
    assert.equal(stirred.findings[0]?.proposal.change.kind, 'grams');
  });
});

describe('a first roast on a gear', () => {
  const first = (now: readonly Entry[], words?: readonly string[]) =>
    read({ method: 'hotAirPopper', now, more: { past: [] }, ...(words ? { words } : {}) });
  it('is judged by the method’s range, and says so', () => {
    const tiny = first([mark(25, 'yellow'), mark(46, 'firstCrack'), pull(59)]);
    assert.equal(tiny.findings[0]?.id, 'tooShort');
    assert.match(all(tiny.findings[0] as Finding), /this method usually takes/);
    const dark = first([mark(120, 'yellow'), mark(240, 'firstCrack'), mark(330, 'secondCrack'), pull(345)]);
    assert.equal(dark.findings[0]?.id, 'wentTooFar');
    for (const { findings } of [tiny, dark])
      for (const finding of findings) assert.doesNotMatch(all(finding), /on Bess/);
  });
  it('is in order only where its marks say so', () => {
    assert.equal(first(log([120, 240, 320])).verdict, 'inOrder');
    const few = first([pull(320)], ['tart']);
    assert.equal(few.verdict === 'notEnough' || few.findings[0]?.id === 'unheardCracks', true);
    const drum = read({ now: [mark(690, 'firstCrack'), pull(840)], words: ['tart'] });
    assert.equal(drum.verdict, 'notEnough');
    assert.match(drum.missing[0] ?? '', /^Mark yellow/);
  });
});

describe('what also stands out', () => {
  const only = (told: Told): FindingId | undefined => read(told).findings[0]?.id;
  it('smoke that stayed', () => {
    const thick = entry(800, { kind: 'sense', sense: 'smoke', word: 'thick' });
    assert.equal(only({ now: [thick, ...log(USUAL)], words: ['ashy'] }), 'smoky');
    assert.equal(only({ now: log(USUAL), words: ['bitter'] }), undefined, 'nobody noted smoke');
  });
  it('cracks that are hard to hear', () => {
    const natural = { ...recordOf({ method: 'smallDrum', expected: 'nothing' }, 1).lot, process: 'natural' } as Lot;
    const unmarked = [mark(360, 'yellow'), pull(840, { shade: 4 })];
    assert.equal(only({ now: unmarked, more: { lot: natural } }), 'unheardCracks');
    assert.equal(only({ now: unmarked }), undefined, 'washed beans in a quiet drum: it was forgotten');
  });
  it('a hot day', () => {
    assert.equal(only({ now: log([270, 520, 650]), facts: { ambientC: 38 }, words: ['tart'] }), 'hotDay');
    assert.notEqual(only({ now: log([270, 520, 650]), facts: { ambientC: 22 }, words: ['tart'] }), 'hotDay');
  });
  it('a probe that moved, apart from a mark at the wrong moment', () => {
    const read15 = (crackS: number) =>
      Array.from({ length: 84 }, (_, i) =>
        entry(i * 10, { kind: 'reading', celsius: 214 - ((crackS - i * 10) * 10) / 60 }),
      );
    const more = { ownFirstCrackC: 199 };
    assert.equal(only({ now: [...log(USUAL), ...read15(690)], more }), 'probeMoved');
    // Pressed a minute late: it read higher there, and browning is long, the rest short.
    const late = [mark(360, 'yellow'), mark(770, 'firstCrack'), pull(840, { shade: 4 }), ...read15(770)];
    assert.equal(only({ now: late, more }), 'misMarked');
  });
  it('a cup at five hours is said first, and blames no roast', () => {
    const tasted = (hours: number, more: Partial<CaseFacts> = {}) =>
      read({ now: log([250, 480, 630]), more: { cups: [cup(['tart'], hours)], ...more } });
    const fresh = tasted(5);
    assert.equal(fresh.findings[0]?.id, 'cupAge');
    assert.match(fresh.findings[0]?.evidence[0] ?? '', /^It was tasted 4\sh 50\smin after the pull/);
    assert.equal(fresh.its.complaints.size, 0);
    assert.notEqual(tasted(72).findings[0]?.id, 'cupAge');
    assert.equal(tasted(24 * 90).findings[0]?.id, 'cupAge');
    assert.notEqual(tasted(24 * 90, { frozen: true }).findings[0]?.id, 'cupAge');
  });
  it('a cup of one part of a staged pull ages as that part does', () => {
    const [light, dark] = [
      pull(630, { shade: 1, all: false, grams: 80 }),
      pull(760, { shade: 7, all: true, grams: 80 }),
    ];
    const firstOf = ({ id }: Entry) => {
      const made = { ...cup(['bitter'], 24 * 35), pullId: id as Id<'entry'> };
      return read({ now: [mark(250, 'yellow'), mark(480, 'firstCrack'), light, dark], more: { cups: [made] } })
        .findings[0];
    };
    assert.notEqual(firstOf(light)?.id, 'cupAge', 'a light part is good for six weeks');
    assert.equal(firstOf(dark)?.id, 'cupAge', 'a dark one for four');
    assert.equal(firstOf(dark)?.proposal.pullId, dark.id);
  });
});

describe('words', () => {
  const every = [...faults, ...moderate, ...sound].flatMap((story, i) =>
    diagnose(caseOf(recordOf(story, 31_000 + i))).findings.map((finding) => ({ story, finding })),
  );
  const seconds = (clock: string) => clock.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
  it('quote a range only where the figure lies outside it', () => {
    let quoted = 0;
    for (const { finding } of every)
      for (const says of finding.evidence) {
        const [, its, early, late] = /(?:took|came at) ([\d:]+);.* ([\d:]+) to ([\d:]+)/.exec(says) ?? [];
        if (!its || !early || !late) continue;
        quoted++;
        assert.ok(seconds(its) <= seconds(early) || seconds(its) >= seconds(late), says);
      }
    assert.ok(quoted > 50);
  });
  it('never tell one fact twice', () => {
    for (const { finding } of every) {
      const told = finding.evidence.map((says) => says.split(/ took | came at /)[0]);
      assert.equal(new Set(told).size, told.length, `${finding.id}: ${finding.evidence.join(' ')}`);
    }
  });
  it('send nobody to the grinder for what the eye sees', () => {
    const { unexplained, looksUnexplained } = read({ now: log(USUAL), facts: { note: 'uneven, scorched, flat' } });
    assert.deepEqual(
      [unexplained, looksUnexplained],
      [['flat'], ['uneven']],
      'spots that somebody named are a finding',
    );
  });
});

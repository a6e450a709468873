// What every rule says of every story, also where it stays below what is told: the weight of each of its signs.
import { it } from 'node:test';
import { caseOf, diagnose, findingIds, rules } from '@/core/diagnose';
import { assertPinned } from '../pinned.ts';
import { recordOf, type Story } from './records.ts';
import { faults, moderate, sound } from './stories.ts';

function read(story: Story, seed: number) {
  const evidence = caseOf(recordOf(story, seed));
  const signs = findingIds.map((id) => {
    const weights = rules[id].signs(evidence, true).flatMap((sign) => (sign ? [sign.weight.toFixed(3)] : []));
    return weights.length > 0 ? `${id} ${weights.join(' ')}` : undefined;
  });
  const { findings, missing, unexplained } = diagnose(evidence);
  return {
    signs: signs.filter((each) => each !== undefined).join(' · '),
    told: findings.map(({ says, weight, strength, evidence: its, against, proposal }) =>
      [`${says} (${strength}, ${weight.toFixed(3)})`, ...its, '–', ...against, '–', JSON.stringify(proposal)].join(
        ' | ',
      ),
    ),
    rest: [...missing, ...unexplained].join(' | '),
  };
}

it('every rule weighs each story as it did', () => {
  const stories = [...faults, ...moderate, ...sound.filter((_, i) => i % 4 === 0)];
  assertPinned(
    'diagnose',
    Object.fromEntries(stories.map((story, i) => [`${i} ${story.method} ${story.expected}`, read(story, i)])),
  );
});

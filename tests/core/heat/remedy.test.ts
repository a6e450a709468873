import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Control } from '@/core/gear';
import { remedyFor } from '@/core/heat';

const flame: Control = { kind: 'step', id: 'flame', label: 'Flame', least: 1, most: 9, start: 5, by: 1, axis: 'heat' };

describe('the move that brings a roast back', () => {
  it('is the next step of the gear’s own heat', () => {
    assert.equal(remedyFor('stovetopPopper', 'yellow', 'slower', [{ control: flame, value: 5 }]), 'Flame to 6');
    assert.equal(remedyFor('stovetopPopper', 'firstCrack', 'faster', [{ control: flame, value: 5 }]), 'Flame to 4');
  });
  it('is what helps on the method where there is no step left, or no such control', () => {
    const lid: Control = { kind: 'switch', id: 'lid', label: 'Lid', off: 'on', on: 'off' };
    assert.equal(
      remedyFor('stovetopPopper', 'yellow', 'slower', [{ control: flame, value: 9 }]),
      'A step more flame, lid shut',
    );
    assert.equal(
      remedyFor('hotAirPopper', 'yellow', 'faster', [{ control: lid, value: 'on' }]),
      'Lid off, or less heat',
    );
  });
  it('is patience once it cracks late', () => {
    assert.equal(remedyFor('oven', 'firstCrack', 'slower', [{ control: flame, value: 5 }]), 'Let it run on as it is');
  });
});

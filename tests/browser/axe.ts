import assert from 'node:assert/strict';
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from 'playwright-core';

/** Fails, with what is wrong on `what`, where the page keeps somebody out. */
export async function assertNoViolation(page: Page, what: string, rules?: string[]): Promise<void> {
  // No page of ours holds a frame of elsewhere; only such need the slow way. What is right need not be told.
  const axe = new AxeBuilder({ page: page as never }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await (rules ? axe.withRules(rules) : axe).analyze();
  assert.deepEqual(
    violations.map(
      ({ id, nodes }) =>
        `${what}: ${id}: ${nodes
          .map((node) => node.html)
          .slice(0, 2)
          .join(' ')}`,
    ),
    [],
  );
}

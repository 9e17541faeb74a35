/**
 * The plan that a test asks for, and with it the proof that it does not depend on how the room lies on the paper: what
 * the test plans is planned again of the same room turned or moved, and has to come out the same.
 */
import fc from 'fast-check';
import { expect } from 'vitest';
import { elementAt } from '../../src/core/base/list';
import type { RoomFile } from '../../src/core/model/types';
import { planLook as plan, type Plan, type PlanOptions } from '../../src/core/plan/planLook';
import { difference, laid, measures, WAYS } from './turnedRoom';

export type { Plan, PlanOptions };

/** How many plans of one file of tests are made of the room lying every way, and how many more of it lying one way. */
const EVERY_WAY = 12;
const MOST = 150;
const planned = new Map<string, number>();

// rooms that are drawn at random are turned by tests of their own
let isDrawn = false;
fc.configureGlobal({
  ...fc.readConfigureGlobal(),
  beforeEach: () => void (isDrawn = true),
  afterEach: () => void (isDrawn = false),
});

export function planLook(file: RoomFile, options: PlanOptions): Plan {
  const made = plan(file, options);
  const { testPath } = expect.getState();
  if (isDrawn || !testPath || options.previous) return made;
  const count = planned.get(testPath) ?? 0;
  if (count >= MOST) return made;
  planned.set(testPath, count + 1);
  for (const way of count < EVERY_WAY ? WAYS : [elementAt(WAYS, count % WAYS.length)]) {
    const turned = plan(laid(file, way), options);
    const found = difference(measures(made), measures(turned), way.quarters);
    if (found) throw new Error(`a room ${way.name} has another plan: ${found}`);
  }
  return made;
}

import { ESLint } from 'eslint';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import tsParser from '@typescript-eslint/parser';
// @ts-expect-error the lint's configuration is plain JavaScript
import config, { BORDERS, borders } from '../../eslint.config.mjs';

const root = path.resolve(import.meta.dirname, 'violations');
const eslint = new ESLint({
  cwd: root,
  overrideConfigFile: true,
  overrideConfig: [
    {
      files: ['**/*.ts'],
      languageOptions: { parser: tsParser },
      ...borders,
      settings: {
        ...borders.settings,
        'import/resolver': { typescript: { project: path.join(root, 'tsconfig.json') } },
      },
    },
  ],
});
const problems = async (file: string) =>
  (await eslint.lintFiles([path.join('src', file)])).flatMap((r) => r.messages.map((m) => m.ruleId));

describe('the borders bite', () => {
  it.each([
    'core/base/importsServer.ts',
    'core/stages/windows/importsSibling.ts',
    'core/colour/importsPlanType.ts',
    'core/plan/planLook.ts',
    'features/windows/importsFeature.ts',
    'features/seats/seat.ts',
    'ui/importsPlan.ts',
  ])('%s is reported', async (file) => {
    expect(await problems(file)).toContain('boundaries/dependencies');
  });
  it('lets allowed files be', async () => {
    expect(await problems('server/rooms.ts')).toEqual([]);
  });
  it('lists every folder once and gives the core nothing from outside', () => {
    expect(Object.keys(BORDERS).length).toBeGreaterThan(15);
    for (const folder of ['base', 'colour', 'geometry', 'rules', 'model', 'room', 'stage', 'spread', 'plan'])
      for (const allowed of BORDERS[folder])
        expect(['data', 'server', 'actions', 'ui', 'app', 'feature', 'shell']).not.toContain(allowed);
    expect(config.length).toBeGreaterThan(5);
  });
});

describe('the core is bare', () => {
  const core = new ESLint();
  it.each([
    ["import { readFileSync } from 'node:fs'; export const a = readFileSync;", 'no-restricted-imports'],
    ["import { useState } from 'react'; export const a = useState;", 'no-restricted-imports'],
    ['export const a = Math.random();', 'no-restricted-syntax'],
    ['export const a = new Date();', 'no-restricted-syntax'],
    ['export const a = process.env.HOME;', 'no-restricted-globals'],
    [`export const a: ${'any'} = 1;`, '@typescript-eslint/no-explicit-any'],
  ])('refuses %s', async (code, rule) => {
    const [result] = await core.lintText(code, { filePath: path.resolve('src/core/base/units.ts') });
    expect(result!.messages.map((m) => m.ruleId)).toContain(rule);
  });
});

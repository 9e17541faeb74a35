import path from 'node:path';
import { defineConfig, type Plugin } from 'vitest/config';

/** Tests of rooms plan them with a check that the plan is the same when the room is turned. */
const turnedToo = (): Plugin => ({
  name: 'turned-too',
  enforce: 'pre',
  resolveId(source, importer) {
    const isOfTest = importer?.endsWith('.test.ts') && !NOT_TURNED.test(importer);
    if (!isOfTest || !source.endsWith('/planLook')) return null;
    return path.resolve(import.meta.dirname, 'tests/helpers/planLookTurned.ts');
  },
});
/**
 * Tests that turn and mirror rooms themselves, keep plans, or have ways that many things narrow: which two of them do at
 * a seat's edge is a matter of less than a millimetre.
 */
const NOT_TURNED = /(turned|mirrored|kept|planDifferences)\.test\.ts$|\/tests\/record\//;

/** A machine that is busy with something else is no fault of what is tested. */
const PATIENCE = 60_000;

export default defineConfig({
  resolve: {
    alias: {
      '@': path.resolve(import.meta.dirname, 'src'),
      'server-only': path.resolve(import.meta.dirname, 'tests/serverOnly.ts'),
    },
  },
  test: {
    passWithNoTests: false,
    // both cores; left to itself, it keeps one for watching
    maxWorkers: 2,
    hookTimeout: PATIENCE,
    projects: [
      {
        extends: true,
        plugins: [turnedToo()],
        test: {
          name: 'unit',
          isolate: false,
          testTimeout: PATIENCE,
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/record/*.test.ts'],
        },
      },
      {
        extends: true,
        plugins: [turnedToo()],
        test: {
          name: 'published',
          isolate: false,
          testTimeout: PATIENCE,
          include: ['tests/published/**/*.test.ts'],
        },
      },
      { extends: true, test: { name: 'data', include: ['tests/data/**/*.test.ts'], testTimeout: PATIENCE } },
      { extends: true, test: { name: 'arch', include: ['tests/arch/*.test.ts'], testTimeout: 120_000 } },
    ],
  },
});

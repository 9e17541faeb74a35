import path from 'node:path';
import { defineConfig } from 'vitest/config';

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
        test: {
          name: 'unit',
          isolate: false,
          testTimeout: PATIENCE,
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/record/*.test.ts'],
        },
      },
      {
        extends: true,
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

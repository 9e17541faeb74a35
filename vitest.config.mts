import path from 'node:path';
import { defineConfig } from 'vitest/config';

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
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          isolate: false,
          include: ['src/**/*.test.ts', 'src/**/*.test.tsx', 'tests/record/*.test.ts'],
        },
      },
      {
        extends: true,
        test: { name: 'published', isolate: false, include: ['tests/published/**/*.test.ts'] },
      },
      { extends: true, test: { name: 'data', include: ['tests/data/**/*.test.ts'], testTimeout: 30_000 } },
      { extends: true, test: { name: 'arch', include: ['tests/arch/*.test.ts'], testTimeout: 120_000 } },
    ],
  },
});

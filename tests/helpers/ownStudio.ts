import { afterAll, vi } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A data folder for the server's modules in this test file alone; asked for before they are imported. */
export function ownStudio(name: string): string {
  const folder = mkdtempSync(path.join(tmpdir(), `rideau-${name}-`));
  vi.stubEnv('RIDEAU_DATA', folder);
  afterAll(async () => {
    const { studioDatabase } = await import('../../src/server/studio');
    studioDatabase().close();
    vi.unstubAllEnvs();
    rmSync(folder, { recursive: true, force: true });
  });
  return folder;
}

// What the commands share. Only Node's own modules: npm runs this before node_modules exists.
import { ensureBuilt, ensureInstalled } from './lib/install.mjs';
import { checkDatabase, holdFolder, checkFolder, checkPort, settings } from './lib/settings.mjs';

export { main, Plain, root, say } from './lib/base.mjs';
export { demoStudio } from './lib/demoStudio.mjs';
export { ensureBuilt, ensureInstalled } from './lib/install.mjs';
export { run } from './lib/run.mjs';
export { holdUntilStopped, serve } from './lib/server.mjs';
export { checkDatabase, checkFolder, checkPort, settings } from './lib/settings.mjs';

/** What both commands do before the server is started; gives what was chosen. */
export async function prepare() {
  const chosen = settings();
  checkFolder(chosen.data);
  await checkPort(chosen.port, chosen.host);
  await ensureInstalled();
  await holdFolder(chosen.data);
  await checkDatabase(chosen.data);
  await ensureBuilt();
  return chosen;
}

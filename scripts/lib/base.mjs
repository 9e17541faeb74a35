// Only Node's own modules: npm runs this before node_modules exists.
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');
export const say = (text) => process.stdout.write(`${text}\n`);

/** Something the person can put right: said plainly, without a stack. */
export class Plain extends Error {}

export async function main(work) {
  try {
    await work();
  } catch (e) {
    if (e instanceof Plain) say(`\n${e.message}`);
    else say(`\n${e.stack}`);
    process.exit(1);
  }
}

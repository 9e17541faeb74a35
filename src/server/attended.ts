import 'server-only';

const GRACE_MS = 4000;

/**
 * Ends the server with the script that started it, however that one ended: left alone it would hold the port
 * and the studio. What is being written is written, since each change is one transaction.
 */
export function endWithStarter(): void {
  if (process.env.RIDEAU_ATTENDED !== '1') return;
  // its output is closed by then, and reporting that there would fail again, forever
  for (const output of [process.stdout, process.stderr]) output.on('error', () => undefined);
  process.stdin.on('close', () => {
    process.kill(process.pid, 'SIGTERM');
    setTimeout(() => process.exit(0), GRACE_MS).unref();
  });
  process.stdin.resume();
}

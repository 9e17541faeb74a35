import 'server-only';
import { Worker } from 'node:worker_threads';
import { fail, type Result } from '../../core/base/result';
import type { DoorIssue } from '../issues';
import type { Printed, PrintJob } from './printJobs';
import { createQueue, type Hand } from './queue';

/** So many print at a time; the server's own thread stays free for everything else. */
const HANDS = 2;
/** Longer than this nothing that can be printed takes; what does is ended. */
const PATIENCE_MS = 60_000;
const MEMORY_MB = 1024;

type Answer = { result: Result<Printed, DoorIssue> } | { error: string };

/** A thread that does one job at a time; it is ended with what it does. */
function newHand(): Hand<PrintJob, Result<Printed, DoorIssue>> {
  const worker = new Worker(new URL('./printWorker.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: MEMORY_MB },
  });
  worker.unref();
  return {
    run: (job) =>
      new Promise((done, failed) => {
        const hear = (answer: Answer) => {
          if ('result' in answer) done(answer.result);
          else failed(new Error(answer.error));
          stop();
        };
        const fall = (why: unknown) => {
          failed(why instanceof Error ? why : new Error('the printing thread ended'));
          stop();
        };
        const stop = () => worker.off('message', hear).off('error', fall).off('exit', fall);
        worker.on('message', hear).on('error', fall).on('exit', fall);
        worker.postMessage(job);
      }),
    end: () => void worker.terminate(),
  };
}

const kept = globalThis as typeof globalThis & {
  rideauPrinter?: ReturnType<typeof createQueue<PrintJob, Result<Printed, DoorIssue>>>;
};
const queue = () => (kept.rideauPrinter ??= createQueue({ hands: HANDS, patienceMs: PATIENCE_MS, newHand }));

/** Prints on a thread of its own; given up as soon as nobody waits for it. */
export async function print(job: PrintJob, signal: AbortSignal): Promise<Result<Printed, DoorIssue>> {
  const outcome = await queue().run(job, signal);
  if (outcome.state === 'done') return outcome.value;
  return fail<DoorIssue>(
    outcome.state === 'late'
      ? { path: [], code: 'took-too-long', message: 'This took too long to make, so it was ended.' }
      : { path: [], code: 'given-up', message: 'Nobody waited for this any more.' },
  );
}

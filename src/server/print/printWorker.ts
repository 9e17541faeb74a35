/** Prints and plans on a thread of its own, one job after the other. */
import { parentPort } from 'node:worker_threads';
import { runPrintJob, type PrintJob } from './printJobs';

parentPort?.on('message', (job: PrintJob) => {
  void runPrintJob(job).then(
    (result) => parentPort?.postMessage({ result }),
    (error: unknown) => parentPort?.postMessage({ error: String((error as Error).stack ?? error) }),
  );
});

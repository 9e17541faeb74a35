import { wrap, type Remote } from 'comlink';
import type { Sample, SampleOptions } from '../../core/colour/sample';
import type { SampleWorker } from './sample.worker';

export type Sampler = {
  open: (file: Blob) => Promise<{ width: number; height: number } | null>;
  colours: (options: SampleOptions) => Promise<Sample | null>;
  close: () => void;
};

/** A worker that takes the colours out of a photo. Close it when it is no longer needed. */
export function startSampler(): Sampler {
  const worker = new Worker(new URL('./sample.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<SampleWorker>;
  return {
    open: (file) => remote.open(file),
    colours: (options) => remote.colours(options),
    close: () => worker.terminate(),
  };
}

import { proxy, wrap, type Remote } from 'comlink';
import type { GalleryAsk, GalleryLayout, GalleryProgress } from '../../core/packing/frames';
import type { GalleryWorker } from './gallery.worker';

export type GallerySearcher = {
  search: (ask: GalleryAsk, wanted: number, tell: (p: GalleryProgress) => void) => Promise<GalleryLayout[]>;
  stop: () => void;
  close: () => void;
};

/**
 * A worker that arranges frames. Stopped, it gives the best that it has; close it when it is no longer
 * needed.
 */
export function startGallery(): GallerySearcher {
  const worker = new Worker(new URL('./gallery.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap(worker) as unknown as Remote<GalleryWorker>;
  return {
    search: (ask, wanted, tell) => remote.search(ask, wanted, proxy(tell)),
    stop: () => void remote.stop(),
    close: () => worker.terminate(),
  };
}

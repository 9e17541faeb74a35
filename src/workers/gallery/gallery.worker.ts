import { expose } from 'comlink';
import type { GalleryAsk, GalleryLayout, GalleryProgress } from '../../core/packing/frames';
import { searchGallery } from '../../core/packing/gallery';

/** How long the search runs before it checks whether it should stop, ms. */
const SLICE = 60;
let stopped = false;

export type GalleryWorker = typeof worker;
const worker = {
  /**
   * Searches, telling how far it is and its best so far; stops early when asked to, with the best that
   * it has.
   */
  async search(
    ask: GalleryAsk,
    wanted: number,
    tell: (p: GalleryProgress) => void,
  ): Promise<GalleryLayout[]> {
    stopped = false;
    const run = searchGallery(ask, wanted);
    let best: GalleryLayout | null = null;
    let told = performance.now();
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      best = step.value.best;
      if (performance.now() - told < SLICE) continue;
      tell(step.value);
      // a stop is only heard between two turns of the worker
      await new Promise((turn) => {
        setTimeout(turn, 0);
      });
      if (stopped) return best ? [best] : [];
      told = performance.now();
    }
  },
  stop: (): void => {
    stopped = true;
  },
};
expose(worker);

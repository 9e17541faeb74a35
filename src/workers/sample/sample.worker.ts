import { expose } from 'comlink';
import { sampleColours, type Picture, type Sample, type SampleOptions } from '../../core/colour/sample';

/** The longer side at which a photo is sampled: more would only repeat the same threads. */
const SAMPLED_PX = 1400;
let picture: Picture | null = null;

export type SampleWorker = typeof worker;
const worker = {
  /**
   * Reads a photo, upright as its camera held it, and keeps its pixels for the questions that follow. Gives
   * its size, or null when it cannot be read.
   */
  async open(file: Blob): Promise<{ width: number; height: number } | null> {
    try {
      const whole = await createImageBitmap(file);
      const scale = Math.min(1, SAMPLED_PX / Math.max(whole.width, whole.height));
      const [width, height] = [
        Math.max(1, Math.round(whole.width * scale)),
        Math.max(1, Math.round(whole.height * scale)),
      ];
      const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
      context.drawImage(whole, 0, 0, width, height);
      picture = { width, height, data: context.getImageData(0, 0, width, height).data };
      const size = { width: whole.width, height: whole.height };
      whole.close();
      return size;
    } catch {
      picture = null;
      return null;
    }
  },
  /**
   * The colours of the marked regions; null when no photo is open. A rejected promise would be silent here,
   * so nothing throws.
   */
  colours(options: SampleOptions): Sample | null {
    return picture ? sampleColours(picture, options) : null;
  },
};
expose(worker);

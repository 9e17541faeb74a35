import type { Shape } from '../../src/core/room/shape';

/** A box of two colours, as it is drawn on a wall. */
export const SHAPE: Shape = {
  key: 'thing',
  about: 'thing',
  name: 'Item',
  form: 'box',
  box: { xMm: 500, yMm: 200, widthMm: 1000, heightMm: 2000 },
  depthMm: 0,
  colours: [
    { l: 40, a: 20, b: 10, share: 0.7 },
    { l: 90, a: 0, b: 0, share: 0.3 },
  ],
  pattern: { kind: 'solid', repeatMm: 0 },
  soft: false,
  fixed: false,
};

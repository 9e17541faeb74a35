import type { Dressing } from '../../../model/types';
import { cafeMount } from './cafe';
import { ceilingMount } from './ceiling';
import { leafMount } from './leaf';
import type { Mount } from './mounting';
import { revealMount } from './reveal';
import { showerMount } from './shower';
import { wallMount } from './wall';

/** Where a rod is fixed, each way with what follows from it. */
export const MOUNTS: Record<Dressing['mount'] | 'shower', Mount> = {
  wall: wallMount,
  ceiling: ceilingMount,
  inside: revealMount,
  cafe: cafeMount,
  leaf: leafMount,
  shower: showerMount,
};

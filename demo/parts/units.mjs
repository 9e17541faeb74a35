// Lengths, colours and patterns of the demo
import { converter } from 'culori';

const lab65 = converter('lab65');
const round = (n, by) => Math.round(n / by) * by;
export const i = (n) => Number((n * 25.4).toFixed(4));
export const c = (n) => Number((n * 10).toFixed(4));
const swatch = (hex, share = 1, name) => {
  const { l, a, b } = lab65(hex);
  return {
    l: Number(round(l, 0.01).toFixed(2)),
    a: Number(round(a, 0.01).toFixed(2)),
    b: Number(round(b, 0.01).toFixed(2)),
    share,
    ...(name ? { name } : {}),
  };
};
export const solid = { kind: 'solid', repeatMm: 0 };
export const pattern = (kind, repeat) => ({ kind, repeatMm: i(repeat) });

const C = {
  sailcloth: ['#e9e5da', 'Sailcloth'],
  bright: ['#f6f6f4', 'Bright white'],
  oyster: ['#d4cbb6', 'Oyster'],
  hemp: ['#b8a585', 'Hemp'],
  tar: ['#2c3c52', 'Tar blue'],
  harbour: ['#4f6f93', 'Harbour blue'],
  mist: ['#a9bccb', 'Mist blue'],
  tanbark: ['#a3462f', 'Tanbark'],
  brick: ['#b9664c', 'Soft brick'],
  lichen: ['#8f9c86', 'Lichen'],
  moss: ['#6f7d5f', 'Moss'],
  gorse: ['#d0a338', 'Gorse'],
  peat: ['#5a4636', 'Peat'],
  oak: ['#a98e6b', 'Oak'],
  slate: ['#55585c', 'Slate'],
  iron: ['#2b2b2c', 'Iron'],
  claret: ['#5e2730', 'Claret'],
  biscuit: ['#d6c6a8', 'Biscuit'],
  shell: ['#e6d2c6', 'Shell'],
};
export const col = (name, share = 1) => swatch(C[name][0], share, C[name][1]);
export const cols = (...pairs) => pairs.map(([name, share]) => col(name, share));

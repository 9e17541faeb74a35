import type { Wish } from '../../model/types';
import { bad, decimals, value, type Column } from './cells';

/** `2; 127-203 x 229-305 mm; 45.00`: how many, from which size to which, and the most that one may cost. */
const WRITTEN =
  /^(\d+)\s*;\s*([\d.]+)\s*-\s*([\d.]+)\s*x\s*([\d.]+)\s*-\s*([\d.]+)\s*mm\s*(?:;\s*([\d.]+))?$/;
const EXAMPLE = '2; 127-203 x 229-305 mm; 45.00';

const isRange = ([least, most]: readonly [number, number]): boolean => least > 0 && most >= least;

function readWish(text: string): Wish | null {
  const parts = WRITTEN.exec(text.trim())?.slice(1);
  if (!parts) return null;
  const [count, w0, w1, h0, h1, most] = parts.map(Number) as [number, number, number, number, number, number];
  const wish: Wish = {
    count,
    widthMm: [w0, w1],
    heightMm: [h0, h1],
    mostPrice: Number.isNaN(most) ? null : Math.round(most * 100),
  };
  return count > 0 && isRange(wish.widthMm) && isRange(wish.heightMm) ? wish : null;
}

function writeWish({ count, widthMm, heightMm, mostPrice }: Wish): string {
  const range = ([least, most]: readonly [number, number]) => `${decimals(least)}-${decimals(most)}`;
  const most = mostPrice === null ? '' : `; ${(mostPrice / 100).toFixed(2)}`;
  return `${count}; ${range(widthMm)} x ${range(heightMm)} mm${most}`;
}

/** What is only wished for; an empty cell of a thing that there is. */
export const WISH_COLUMN: Column = {
  title: 'wanted',
  field: 'wish',
  isClearable: true,
  write: (i) => (i.wish ? writeWish(i.wish) : ''),
  read: (text) => {
    if (text.trim() === '') return value(null);
    const wish = readWish(text);
    return wish ? value(wish) : bad('not-one-of', EXAMPLE);
  },
};

// Checked against jsQR, a reader of QR codes (ISO/IEC 18004) from the registry.
import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { qrPicture } from '../../src/server/pairing/qr';

const PIXELS = 4;

/** The picture as pixels, four to a module, black on white. */
function pixelsOf({ side, path }: ReturnType<typeof qrPicture>): Uint8ClampedArray {
  const width = side * PIXELS;
  const rgba = new Uint8ClampedArray(width * width * 4).fill(255);
  for (const [, column, row] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
    for (let y = 0; y < PIXELS; y++)
      for (let x = 0; x < PIXELS; x++) {
        const at = ((Number(row) * PIXELS + y) * width + Number(column) * PIXELS + x) * 4;
        rgba.set([0, 0, 0], at);
      }
  return rgba;
}

describe('QR codes', () => {
  it.each([
    'http://192.0.2.14:3000/pair?code=04831276',
    'http://studio.example:65535/pair?code=99999999',
    `http://[2001:db8::ff00:42:8329]:3000/pair?code=00000000`,
  ])('are read back: %s', (text) => {
    const picture = qrPicture(text);
    const side = picture.side * PIXELS;
    expect(jsQR(pixelsOf(picture), side, side)?.data).toBe(text);
  });

  it('keep four blank modules at each side', () => {
    const { side, path } = qrPicture('http://192.0.2.14:3000/pair?code=04831276');
    const places = [...path.matchAll(/M(\d+) (\d+)h/g)].flatMap(([, c, r]) => [Number(c), Number(r)]);
    expect(Math.min(...places)).toBe(4);
    expect(Math.max(...places)).toBe(side - 5);
  });
});

import 'server-only';
import { inflateSync } from 'node:zlib';

const HEADER = { woff: 44, sfnt: 12 };
const ENTRY = { woff: 20, sfnt: 16 };
const WORD = 4;
const padded = (length: number): number => Math.ceil(length / WORD) * WORD;

type Table = { tag: Buffer; checksum: number; data: Buffer };

/**
 * A font out of its web wrapping: the tables of a WOFF file, inflated, as the font file that they were made from. W3C, WOFF
 * File Format 1.0, sections 3 to 5.
 */
export function sfntOfWoff(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, WORD) !== 'wOFF') throw new Error('this font is no WOFF file');
  const tables = tablesOf(woff);
  const head = Buffer.alloc(HEADER.sfnt + tables.length * ENTRY.sfnt);
  // the search fields tell how a reader may halve the list of tables
  const power = Math.floor(Math.log2(tables.length));
  head.writeUInt32BE(woff.readUInt32BE(WORD), 0);
  head.writeUInt16BE(tables.length, 4);
  head.writeUInt16BE(2 ** power * ENTRY.sfnt, 6);
  head.writeUInt16BE(power, 8);
  head.writeUInt16BE((tables.length - 2 ** power) * ENTRY.sfnt, 10);
  let offset = head.length;
  const body = tables.map(({ tag, checksum, data }, i) => {
    const at = HEADER.sfnt + i * ENTRY.sfnt;
    tag.copy(head, at);
    head.writeUInt32BE(checksum, at + 4);
    head.writeUInt32BE(offset, at + 8);
    head.writeUInt32BE(data.length, at + 12);
    offset += padded(data.length);
    return Buffer.concat([data, Buffer.alloc(padded(data.length) - data.length)]);
  });
  return Buffer.concat([head, ...body]);
}

function tablesOf(woff: Buffer): Table[] {
  return Array.from({ length: woff.readUInt16BE(12) }, (_, i) => {
    const at = HEADER.woff + i * ENTRY.woff;
    const [start, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(at + field)) as [
      number,
      number,
      number,
    ];
    const raw = woff.subarray(start, start + packed);
    // what would not have become shorter is kept as it is
    const data = packed < length ? inflateSync(raw) : raw;
    return { tag: woff.subarray(at, at + WORD), checksum: woff.readUInt32BE(at + 16), data };
  });
}

import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { root, run, say } from '../lib.mjs';
import { line } from './figures.mjs';

const diagnostics = path.join(root, '.next/diagnostics');
/** How many parts are listed. */
const LISTED = 16;
const kB = (bytes) => `${(bytes / 1000).toFixed(1)} kB`;

/** What takes the most of the script that the largest room page loads first, by package and by folder of ours. */
export async function listScript() {
  const routes = JSON.parse(readFileSync(path.join(diagnostics, 'route-bundle-stats.json'), 'utf8'));
  const sized = routes
    .filter((r) => r.route.startsWith('/rooms/[id]/'))
    .map((r) => ({ ...r, size: r.firstLoadChunkPaths.reduce((n, f) => n + gzipped(f), 0) }))
    .sort((a, b) => b.size - a.size);
  const largest = sized[0];
  await run(process.execPath, ['node_modules/next/dist/bin/next', 'analyze', '--output'], {
    quiet: true,
    env: { NEXT_TELEMETRY_DISABLED: '1' },
  });
  const parts = firstParts(path.join(diagnostics, 'analyze/data', largest.route, 'analyze.data'));
  const sums = new Map();
  for (const { source, size } of parts) sums.set(source, (sums.get(source) ?? 0) + size);
  // parts are gzipped one by one there; together they are smaller
  const whole = parts.reduce((sum, part) => sum + part.size, 0);
  say(`\nFirst script of ${largest.route}, ${kB(largest.size)} gzip, what takes the most`);
  const most = [...sums].sort((x, y) => y[1] - x[1]).slice(0, LISTED);
  for (const [source, size] of most) line(`  ${source}`, kB((size / whole) * largest.size));
}

const gzipped = (file) => gzipSync(readFileSync(path.join(root, file))).length;

/** Groups of files that a page loads at once; the others come when they are asked for. */
const AT_ONCE = ['bootstrap', 'render_dependent'];

/** The analysis: a length, a header as JSON, then lists of numbers that are not needed here. */
function firstParts(file) {
  const bytes = readFileSync(file);
  const header = JSON.parse(bytes.subarray(4, 4 + bytes.readUInt32BE(0)).toString('utf8'));
  const { sources, chunk_parts: parts, chunk_groups: groups } = header;
  const pathOf = (index) => {
    const { parent_source_index: parent, path: name } = sources[index];
    return parent === null || parent === undefined ? name : pathOf(parent) + name;
  };
  const first = new Set(groups.filter((g) => AT_ONCE.includes(g.kind)).flatMap((g) => g.output_file_indices));
  return parts
    .filter((p) => first.has(p.output_file_index))
    .map((p) => ({ source: packageOf(pathOf(p.source_index)), size: p.compressed_size }));
}

/** A package by its name, our own files by their folder. */
function packageOf(file) {
  const inPackage = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(file);
  if (inPackage) return inPackage[1];
  const ours = /src\/(?:core\/(?:stages\/)?|features\/)?[^/]+/.exec(file);
  return ours ? ours[0] : file;
}

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
  const parts = partsOf(path.join(diagnostics, 'analyze/data', largest.route, 'analyze.data'));
  const chunks = new Set(largest.firstLoadChunkPaths.map((f) => path.basename(f)));
  const sums = new Map();
  for (const { source, chunk, size } of parts)
    if (chunks.has(chunk)) sums.set(source, (sums.get(source) ?? 0) + size);
  say(`\nFirst script of ${largest.route}, ${kB(largest.size)} gzip, what takes the most`);
  const most = [...sums].sort((a, b) => b[1] - a[1]).slice(0, LISTED);
  for (const [source, size] of most) line(`  ${source}`, kB(size));
}

const gzipped = (file) => gzipSync(readFileSync(path.join(root, file))).length;

/** The analysis: a length, a header as JSON, then lists of numbers that are not needed here. */
function partsOf(file) {
  const bytes = readFileSync(file);
  const header = JSON.parse(bytes.subarray(4, 4 + bytes.readUInt32BE(0)).toString('utf8'));
  const { sources, chunk_parts: parts, output_files: files } = header;
  const pathOf = (index) => {
    const { parent_source_index: parent, path: name } = sources[index];
    return parent === null || parent === undefined ? name : pathOf(parent) + name;
  };
  return parts.map((p) => ({
    source: packageOf(pathOf(p.source_index)),
    chunk: path.basename(files[p.output_file_index].filename),
    size: p.compressed_size,
  }));
}

/** A package by its name, our own files by their folder. */
function packageOf(file) {
  const inPackage = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(file);
  if (inPackage) return inPackage[1];
  const ours = /src\/(?:core\/(?:stages\/)?|features\/)?[^/]+/.exec(file);
  return ours ? ours[0] : file;
}

import { say } from '../lib.mjs';
import { line, median, ms } from './figures.mjs';

/** The core by itself: planning, the gallery's search, the solver, colours. */
export function benchCore(core, file) {
  say(`Node ${process.versions.node}`);
  const plans = core.timePlans(file, 300);
  line('planLook, Long Room, median', ms(median(plans)), '≤ 8 ms');
  line(
    '  as a multiple of JSON there and back',
    `× ${(median(plans) / median(core.timeJson(file, 300))).toFixed(1)}`,
  );
  line('  while a window is dragged', ms(median(core.timeDrag(file, 300))));
  for (const n of [1, 60])
    line(
      `  while a group of ${n} glazed frames is dragged`,
      ms(median(core.timeFrames(file, n, 120))),
      '≤ 16 ms',
    );
  for (const n of [30, 300]) {
    const things = core.timeThings(file, n, 300);
    const ninetyNinth = [...things].sort((a, b) => a - b)[Math.floor(things.length * 0.99)];
    line(`  while one of ${n} placed things is dragged`, ms(median(things)), '≤ 6 ms');
    line('    and of a hundred the slowest', ms(ninetyNinth), '≤ 16 ms');
  }
  const floors = core.timeFloors(file, 100);
  line('the floor’s checks, Long Room, median', ms(median(floors)));
  const composer = core.timeComposer(file, file.looks.at(-1).id, 5);
  line('three seats composed from 200 covers: first answer', ms(median(composer.first)), '≤ 300 ms');
  line('  until it has ended', ms(median(composer.done)), '≤ 3000 ms');
  for (const n of [24, 60]) {
    const g = core.timeGallery(n);
    line(`a gallery of ${n} frames, searched`, ms(g.ms), n === 24 ? '≤ 2000 ms' : '');
    line(
      '  outline filled, ours against a rectangle packer’s',
      `${(g.filled * 100).toFixed(0)} : ${(g.packerFilled * 100).toFixed(0)} %`,
    );
    line(
      '  facing gaps that are the gap, ours against the packer’s',
      `${(g.even * 100).toFixed(0)} : ${(g.packerEven * 100).toFixed(0)} %`,
    );
  }
  for (const [windows, limit] of [
    [2, ''],
    [8, '≤ 3000 ms'],
  ])
    line(
      `ways to dress ${windows} windows with 300 kinds of panels`,
      ms(median(core.timeSolve(file, 'early-summer', 300, windows, 3))),
      limit,
    );
  const clusters = core.timeClusters(5);
  line(
    'k-means of 12,000 pixels, ours as a share of the reference library’s',
    `× ${(median(clusters.ours) / median(clusters.reference)).toFixed(2)}`,
  );
  const de = core.timeDifferences(5);
  line(
    '10,000 × ΔE00, ours as a share of the reference library’s',
    `× ${(median(de.ours) / median(de.reference)).toFixed(2)}`,
  );
}

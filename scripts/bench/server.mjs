import { say } from '../lib.mjs';
import { line, median, ms, quantile } from './figures.mjs';

/** How soon pages are answered in a large studio. */
export async function benchServer(server) {
  say('\nServer, 200 rooms and 5,000 things');
  const pages = ['measure', 'clear', 'windows', 'walls', 'seats', 'colour', 'fitting', 'measure/tape'];
  const ask = async (url) => {
    const from = performance.now();
    const r = await fetch(server.address + url);
    await r.text();
    if (!r.ok) throw new Error(`${url}: ${r.status}`);
    return performance.now() - from;
  };
  const first = [];
  for (let i = 0; i < 60; i++) first.push(await ask(`/rooms/room-${i}/${pages[i % 8]}`));
  line('the first sixty room pages after the start, 95 of 100 under', ms(quantile(first, 0.95)));
  const answers = [];
  for (let i = 0; i < 300; i++) answers.push(await ask(`/rooms/room-${(i * 7) % 200}/${pages[i % 8]}`));
  line('a room page, median', ms(median(answers)));
  line('a room page, 95 of 100 under', ms(quantile(answers, 0.95)), '≤ 80 ms');
  const home = [];
  for (let i = 0; i < 60; i++) home.push(await ask('/'));
  line('the first page, median', ms(median(home)));
  line('  95 of 100 under', ms(quantile(home, 0.95)), '≤ 80 ms');
  for (const [what, url] of [
    ['the stash page', '/stash'],
    ['the stash in short rows', '/api/stash/index'],
  ]) {
    const taken = [];
    for (let i = 0; i < 60; i++) taken.push(await ask(url));
    line(`${what}, median`, ms(median(taken)));
    line('  95 of 100 under', ms(quantile(taken, 0.95)), '≤ 80 ms');
  }
}

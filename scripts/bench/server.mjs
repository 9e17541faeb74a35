import { readFileSync } from 'node:fs';
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

/** CPU that a process has used so far with all its threads, ms; as Linux counts it, in hundredths of a second. */
function cpuOf(pid) {
  const [, after] = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ');
  const [user, system] = after.split(' ').slice(11, 13).map(Number);
  return (user + system) * 10;
}

/** What the demo's longest fitting sheet takes of the whole server, once it is warm. */
export async function benchSheet({ address, child }) {
  say('\nThe Long Room’s fitting sheet as PDF');
  const print = async () => {
    const answer = await fetch(`${address}/api/rooms/long-room/sheet.pdf?look=early-summer`);
    if (!answer.ok) throw new Error(await answer.text());
    await answer.arrayBuffer();
  };
  for (let i = 0; i < 5; i++) await print();
  const taken = [];
  for (let round = 0; round < 5; round++) {
    const before = cpuOf(child.pid);
    for (let i = 0; i < 10; i++) await print();
    taken.push((cpuOf(child.pid) - before) / 10);
  }
  line('CPU of the server for one, median', ms(median(taken)), '≤ 250 ms');
}

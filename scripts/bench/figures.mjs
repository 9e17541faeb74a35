import net from 'node:net';
import { say } from '../lib.mjs';

/** The time that a share of all stays under. */
export const quantile = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))];
export const median = (times) => quantile(times, 0.5);
export const ms = (n) => `${n.toFixed(n < 1 ? 3 : 1)} ms`;
export const line = (what, value, target = '') =>
  say(`${what.padEnd(58)} ${value.padStart(12)}${target ? `   target ${target}` : ''}`);
export const freePort = () =>
  new Promise((resolve) => {
    const s = net.createServer();
    s.listen(0, '127.0.0.1', () => {
      const { port } = s.address();
      s.close(() => resolve(port));
    });
  });

export const CHROMIUM = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
};

import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { RoomFile } from '../../src/core/model/types';
import type { Plan } from '../../src/core/plan/planLook';
import { demoStudio, freePort, serve, type Server } from '../helpers/server';

export { freePort };

/** How many things the stash of the demo has. */
const demo = path.resolve('demo/sail-loft.studio.json');
export const ITEMS = (JSON.parse(readFileSync(demo, 'utf8')) as { items: unknown[] }).items.length;

/** A running studio of its own, filled with the demo before each test or left empty. */
export type Studio = {
  address: string;
  folder: string;
  fill: () => Promise<void>;
  empty: () => Promise<void>;
  plan: (look?: string, room?: string) => Promise<Plan>;
  kill: () => Promise<void>;
  start: () => Promise<void>;
};

export const test = base.extend<{ problems: string[] }, { studio: Studio }>({
  studio: [
    async ({}, provide) => {
      const folder = mkdtempSync(path.join(tmpdir(), 'rideau-e2e-'));
      const port = await freePort();
      let server: Server = await serve({ port, host: '127.0.0.1', data: folder });
      const put = async (body: string) => {
        const r = await fetch(`${server.address}/api/studio/restore`, { method: 'POST', body });
        if (!r.ok) throw new Error(await r.text());
      };
      await provide({
        address: server.address,
        folder,
        fill: async () => put(await demoStudio()),
        empty: () =>
          put(
            JSON.stringify({
              rideauStudio: 1,
              name: 'My studio',
              rules: [],
              homes: [],
              items: [],
              rooms: [],
            }),
          ),
        plan: async (look = 'early-summer', room = 'long-room') =>
          (await (await fetch(`${server.address}/api/rooms/${room}/plan?look=${look}`)).json()) as Plan,
        kill: async () => {
          server.child.kill('SIGKILL');
          await server.ended;
        },
        start: async () => {
          server = await serve({ port, host: '127.0.0.1', data: folder });
        },
      });
      await server.stop();
      rmSync(folder, { recursive: true, force: true });
    },
    { scope: 'worker' },
  ],
  // a page is worked on once its script has taken hold; what is done before that has tests of its own
  // (early.spec), which go on at once
  page: async ({ page }, provide) => {
    // SLOW=4: every page at a quarter of its speed, to find what is only right on a quick machine
    if (process.env.SLOW)
      await (
        await page.context().newCDPSession(page)
      ).send('Emulation.setCPUThrottlingRate', { rate: Number(process.env.SLOW) });
    const go = page.goto.bind(page);
    page.goto = async (url, options) => {
      const answer = await go(url, options);
      if (options?.waitUntil !== 'commit') await awake(page);
      return answer;
    };
    await provide(page);
  },
  baseURL: async ({ studio }, provide) => {
    await provide(studio.address);
  },
  // every test watches the page for errors of its own and for what the content policy refused
  problems: [
    async ({ page }, provide) => {
      const problems: string[] = [];
      page.on('pageerror', (e) => problems.push(e.message));
      page.on('console', (m) => {
        if (
          (m.type() === 'error' || m.type() === 'warning') &&
          !/ERR_CONNECTION_REFUSED|Failed to load resource/.test(m.text())
        )
          problems.push(m.text());
      });
      await provide(problems);
      expect(problems).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** Inches of a length as the screen writes it, without its unit: 103 1⁄2. */
export const inchText = (mm: number): string => {
  const eighths = Math.round((mm / 25.4) * 8);
  const [whole, rest] = [Math.floor(eighths / 8), eighths % 8];
  if (rest === 0) return String(whole);
  const divisor = [4, 2, 1].find((n) => rest % n === 0) ?? 1;
  return `${whole}\u00a0${rest / divisor}\u2044${8 / divisor}`;
};

export const type = async (page: Page, label: string | RegExp, text: string): Promise<void> => {
  const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
  await field.fill(text);
  await field.press('Enter');
};

/** Types into a field and goes on by Tab: in a form Enter would send it. */
export const fillIn = async (page: Page, label: string | RegExp, text: string): Promise<void> => {
  const field = page.getByLabel(label, { exact: typeof label === 'string' }).first();
  await field.fill(text);
  await field.press('Tab');
};

export const saved = async (page: Page): Promise<void> => {
  await expect(page.getByRole('status').first()).toHaveText('Saved');
};

/**
 * Until the page's script has taken hold of what the server drew: a drag, unlike a press, is not replayed
 * afterwards.
 */
export const awake = (page: Page): Promise<void> =>
  page.waitForFunction(() => !document.querySelector('[data-asleep]')).then(() => undefined);

/** What just happened, as the page reports it. */
export const notice = (page: Page): Locator =>
  page.getByRole('region', { name: /Notices/ }).getByRole('listitem');

/** Opens a list and takes the option of that name. */
export async function choose(select: Locator, name: string | RegExp): Promise<void> {
  await select.click();
  await select.page().getByRole('option', { name, exact: true }).first().click();
}

/** A thing by its name in the list under the drawing. */
export const listed = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).last();

/** Drags a thing by so many pixels, and lets it go free of every rule. */
export async function dragFree(page: Page, thing: Locator, dx: number, dy: number): Promise<void> {
  const box = (await thing.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.keyboard.down('Alt');
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 3 });
  await page.mouse.move(x + dx, y + dy, { steps: 3 });
  await page.mouse.up();
  await page.keyboard.up('Alt');
  await saved(page);
}

/** The room as it would be written to a file. */
export const fileOf = async (page: Page, room = 'long-room'): Promise<RoomFile> =>
  (await page.request.get(`/api/rooms/${room}/file`)).json() as Promise<RoomFile>;

/** A page as it is first seen, at a width: axe has nothing to say of it, and nothing runs over its side. */
export async function axeFindsNothing(page: Page, url: string, width: 390 | 1280): Promise<void> {
  await page.setViewportSize({ width, height: width === 390 ? 844 : 800 });
  await page.goto(url, { waitUntil: 'networkidle' });
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 120)}`)).toEqual([]);
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0);
}

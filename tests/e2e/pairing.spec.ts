import type { Browser, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import jsQR from 'jsqr';
import sharp from 'sharp';
import { demoStudio, serve, type Server } from '../helpers/server';
import { awake, expect, freePort, test } from './studio';

/** A name of this machine that is not one of its own: what comes under it counts as another device. */
const OTHER_NAME = '127.0.0.2';
let server: Server;
let folder: string;
let other: string;

test.beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'rideau-pair-'));
  const port = await freePort();
  const before = process.env.RIDEAU_HOSTS;
  process.env.RIDEAU_HOSTS = OTHER_NAME;
  server = await serve({ port, host: '0.0.0.0', data: folder });
  if (before === undefined) delete process.env.RIDEAU_HOSTS;
  else process.env.RIDEAU_HOSTS = before;
  other = `http://${OTHER_NAME}:${port}`;
  const filled = await fetch(`${server.address}/api/studio/restore`, {
    method: 'POST',
    body: await demoStudio(),
  });
  expect(filled.status).toBe(200);
});
test.afterAll(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

const phoneOf = async (browser: Browser): Promise<Page> =>
  (
    await browser.newContext({ baseURL: other, viewport: { width: 390, height: 844 }, hasTouch: true })
  ).newPage();

/** The dialog with the code, for the address that the test's other device uses. */
async function showCode(page: Page): Promise<string> {
  await page.goto(server.address);
  await page.getByRole('button', { name: 'Let a device in' }).click();
  const dialog = page.getByRole('dialog', { name: 'Let a device in' });
  const choice = dialog.getByRole('radio', { name: other });
  await expect(dialog.getByRole('img')).toBeVisible();
  // a machine with one address has none to choose from
  if (await choice.isVisible()) await choice.click();
  return (await dialog.getByText(/^\d{4} \d{4}$/).textContent()) ?? '';
}

async function enter(phone: Page, code: string, name: string): Promise<void> {
  await phone.getByLabel('Code').fill(code);
  await phone.getByLabel('Name of this device').fill(name);
  await phone.getByRole('button', { name: 'Let it in' }).tap();
}

test('without a code another device reads and writes nothing', async ({ browser }) => {
  const phone = await phoneOf(browser);
  for (const url of ['/', '/stash', '/rooms/landing/walls', '/quick/insert']) {
    await phone.goto(url);
    expect(new URL(phone.url()).pathname, url).toBe('/pair');
    await expect(phone.getByRole('heading')).toHaveText('Let this device in');
  }
  for (const url of ['/api/studio/backup', '/api/rooms/landing/file', '/api/stash/index', '/api/schema'])
    expect((await phone.request.get(url)).status(), url).toBe(401);
  for (const url of ['/api/rooms', '/api/studio/restore', '/api/photos', '/pair'])
    expect((await phone.request.post(url, { data: '{}' })).status(), url).toBe(401);
  // what says that it is the studio's own machine is not believed
  const headers = { 'x-rideau-peer': '127.0.0.1', 'x-forwarded-for': '127.0.0.1' };
  expect((await phone.request.get('/api/studio/backup', { headers })).status()).toBe(401);
  await phone.context().close();
});

test('a phone is let in by the code, works on, and is sent away', async ({ browser, page }) => {
  const phone = await phoneOf(browser);
  await phone.goto('/rooms/landing/walls');
  const code = await showCode(page);
  await enter(phone, '1', 'Ladder phone');
  await expect(phone.getByRole('main').getByRole('alert')).toContainText('not the code');
  await enter(phone, code, 'Ladder phone');
  await phone.waitForURL(`${other}/rooms/landing/walls`);
  await awake(phone);
  await expect(phone.getByRole('status').first()).toHaveText('Saved');

  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByText('Ladder phone is let in.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Let a device in' })).toBeFocused();

  const cookies = await phone.context().cookies();
  expect(cookies).toMatchObject([{ name: 'rideau-device', httpOnly: true, sameSite: 'Lax' }]);
  const { value } = cookies[0]!;
  const [id, signature] = value.split('.');
  const asks = async (cookie: string) =>
    (await fetch(`${other}/api/studio/backup`, { method: 'HEAD', headers: { cookie } })).status;
  expect(await asks(`rideau-device=${value}`)).toBe(200);
  expect(await asks(`rideau-device=${id}x.${signature}`)).toBe(401);
  expect(await asks(`rideau-device=${id}.${'A'.repeat(43)}`)).toBe(401);

  // it works as the studio does, but lets nobody in
  await phone.goto('/');
  await expect(phone.getByRole('heading', { name: 'Rooms' })).toBeVisible();
  await expect(phone.getByRole('heading', { name: 'Other devices' })).toHaveCount(0);

  await page.getByRole('button', { name: 'Remove Ladder phone' }).click();
  await expect(page.getByText('Ladder phone was removed.')).toBeVisible();
  expect(await asks(`rideau-device=${value}`)).toBe(401);
  await phone.goto('/rooms/landing/walls');
  expect(new URL(phone.url()).pathname).toBe('/pair');
  await phone.context().close();
});

test('the QR code leads to the page with the code typed', async ({ browser, page }) => {
  const code = (await showCode(page)).replace(' ', '');
  const picture = await page.getByRole('dialog').getByRole('img').screenshot();
  const { data, info } = await sharp(picture).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const link = jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data;
  expect(link).toBe(`${other}/pair?code=${code}`);
  const phone = await phoneOf(browser);
  await phone.goto(link!);
  await awake(phone);
  await expect(phone.getByLabel('Code')).toHaveValue(code);
  await phone.getByRole('button', { name: 'Let it in' }).tap();
  await phone.waitForURL(`${other}/`);
  await expect(page.getByText('My phone is let in.')).toBeVisible();
  await phone.context().close();
});

test('a code that was closed, or was tried five times, opens nothing', async ({ browser, page }) => {
  const phone = await phoneOf(browser);
  await phone.goto('/pair');
  await awake(phone);
  const closed = await showCode(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await enter(phone, closed, 'Late');
  await expect(phone.getByRole('main').getByRole('alert')).toContainText('No code is shown');
  const tried = await showCode(page);
  for (let n = 0; n < 5; n++) await phone.request.post('/api/pair', { data: { code: 'x', name: 'Guess' } });
  await expect(page.getByRole('dialog')).toContainText('used up');
  await enter(phone, tried, 'Late');
  await expect(phone.getByRole('main').getByRole('alert')).toContainText('No code is shown');
  await page.getByRole('button', { name: 'Show a new code' }).click();
  await expect(page.getByRole('dialog').getByText(/^\d{4} \d{4}$/)).toBeVisible();
  await phone.context().close();
});

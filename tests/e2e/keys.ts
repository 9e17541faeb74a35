/** Working by keys alone: every stop is reached by Tab, from where the last act left the focus. */
import type { Locator, Page } from '@playwright/test';
import { expect } from './studio';

const MOST_STOPS = 260;

/** Goes to a thing by Tab; one that Tab does not lead to fails. */
export async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible();
  for (let stops = 0; stops < MOST_STOPS; stops++) {
    if (await isOn(target)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not lead to ${target.toString()}`);
}

export async function press(page: Page, target: Locator): Promise<void> {
  await tabTo(page, target);
  await page.keyboard.press('Enter');
}

export const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).first();

export async function write(page: Page, field: Locator, text: string): Promise<void> {
  await tabTo(page, field);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** Presses an arrow where arrows go along. The focus follows a moment later: what has it is not asked before. */
async function arrow(page: Page, key: 'ArrowDown' | 'ArrowRight'): Promise<void> {
  const before = await page.evaluateHandle(() => document.activeElement);
  await page.keyboard.press(key);
  await page.waitForFunction((had) => document.activeElement !== had, before);
}

/** Puts on a thing of the strip, which is one stop: Tab leads to it, the arrows go along. */
export async function putOn(page: Page, name: string): Promise<void> {
  const strip = page.getByRole('toolbar', { name: 'From the stash' });
  const target = strip.getByRole('button', { name: `Put on ${name}`, exact: true });
  await expect(target).toBeVisible();
  for (let stops = 0; (await strip.locator(':focus').count()) === 0; stops++) {
    if (stops > MOST_STOPS) throw new Error('Tab does not lead to the strip');
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press('Home');
  for (let steps = 0; !(await isOn(target)); steps++) {
    if (steps > MOST_STOPS) throw new Error(`arrows do not lead to ${name}`);
    await arrow(page, 'ArrowRight');
  }
  await page.keyboard.press('Enter');
}

/** Chooses among radios: Tab leads to one of them, the arrows go along. */
export async function chooseRadio(page: Page, name: string | RegExp, within: Locator): Promise<void> {
  const target = within.getByRole('radio', { name, exact: typeof name === 'string' }).first();
  await expect(target).toBeVisible();
  const isThere = () =>
    target.evaluate((el) => el.closest('[role=radiogroup],[role=group]')!.contains(document.activeElement));
  for (let stops = 0; stops < MOST_STOPS && !(await isThere()); stops++) await page.keyboard.press('Tab');
  for (let n = 0; n < MOST_STOPS && !(await isOn(target)); n++) await arrow(page, 'ArrowDown');
  await expect(target).toBeFocused();
  if (!(await target.isChecked())) await page.keyboard.press('Space');
  await expect(target).toBeChecked();
}
const isOn = (target: Locator) => target.evaluate((el) => el === document.activeElement);

/** Opens what has a name, by the search that every page has. */
export async function go(page: Page, typed: string): Promise<void> {
  // in a field / is a part of what is typed
  while (await page.evaluate(() => document.activeElement!.matches('input,[role=combobox],[role=radio]')))
    await page.keyboard.press('Tab');
  await page.keyboard.press('/');
  await expect(page.getByRole('dialog').getByRole('combobox')).toBeFocused();
  await page.keyboard.type(typed);
  await expect(page.locator('[cmdk-item][data-selected=true]')).toContainText(new RegExp(typed, 'i'));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

export const focused = (page: Page): Promise<string> =>
  page.evaluate(() =>
    document.activeElement === document.body ? 'nothing' : document.activeElement!.tagName,
  );

/** What had the focus may have gone away with its work done: the keys go on from near it. */
export const staysNear = (page: Page): Promise<void> => expect.poll(() => focused(page)).not.toBe('nothing');

/** Chooses from a list that opens: Tab leads to it, Enter opens it, the arrows go along. */
export async function chooseOption(page: Page, list: Locator, name: string | RegExp): Promise<void> {
  await press(page, list);
  const option = page.getByRole('option', { name, exact: typeof name === 'string' }).first();
  await expect(option).toBeVisible();
  await page.keyboard.press('Home');
  for (let steps = 0; !(await isOn(option)); steps++) {
    if (steps > MOST_STOPS) throw new Error(`arrows do not lead to ${String(name)}`);
    await page.keyboard.press('ArrowDown');
  }
  await page.keyboard.press('Enter');
  await expect(list).toBeFocused();
}

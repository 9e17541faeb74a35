import { readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './base.mjs';

/**
 * The demo studio as text, its dates of buying and returning as far from today as they were from the day it
 * was made for.
 */
export function demoStudio() {
  const text = readFileSync(path.join(root, 'demo/sail-loft.studio.json'), 'utf8');
  const madeFor = Date.parse('2026-04-22T00:00:00Z');
  const shift = Math.floor((Date.now() - madeFor) / 86_400_000) * 86_400_000;
  return text.replace(
    /("(?:boughtOn|dueOn|returnBy)": )"(\d{4}-\d{2}-\d{2})"/g,
    (_all, field, day) =>
      `${field}"${new Date(Date.parse(`${day}T00:00:00Z`) + shift).toISOString().slice(0, 10)}"`,
  );
}

import { describe, expect, it } from 'vitest';
import { createAside } from './aside';
import type { OutboxStore } from './pageOutbox';

function browser(): OutboxStore {
  const kept = new Map<string, string>();
  return {
    keys: () => [...kept.keys()],
    get: (k) => kept.get(k) ?? null,
    set: (k, t) => void kept.set(k, t),
    remove: (k) => void kept.delete(k),
    hold: () => undefined,
    ifFree: async (_, work) => work(),
  };
}
const change = (why: string) => ({
  at: '2026-11-28T12:00:00Z',
  why,
  label: { code: 'putPiece' },
  content: [why],
});

describe('what could not be saved', () => {
  it('is kept in its order, a room beside the other, until it is thrown away', () => {
    const store = browser();
    const [loft, hall] = [createAside('loft', store), createAside('hall', store)];
    loft.add(change('first'));
    loft.add(change('second'));
    hall.add(change('third'));
    expect(loft.all().changes.map((c) => c.why)).toEqual(['first', 'second']);
    expect([loft.count(), hall.count()]).toEqual([2, 1]);
    loft.clear();
    expect([loft.count(), hall.count()]).toEqual([0, 1]);
  });
  it('holds what an earlier version left that cannot be read, of its own room alone', () => {
    const store = browser();
    store.set('rideau:unread:rideau:unsent:loft:page', '{ broken');
    store.set('rideau:unread:rideau:unsent:hall:page', '{ other');
    const loft = createAside('loft', store);
    expect(loft.all()).toEqual({ changes: [], unread: ['{ broken'] });
    loft.clear();
    expect(store.keys()).toEqual(['rideau:unread:rideau:unsent:hall:page']);
  });
  it('does with a store that holds something else', () => {
    const store = browser();
    store.set('rideau:aside:loft', 'not JSON');
    const loft = createAside('loft', store);
    expect(loft.count()).toBe(0);
    loft.add(change('x'));
    expect(loft.count()).toBe(1);
  });
});

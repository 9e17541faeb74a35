import { describe, expect, it, vi } from 'vitest';
import { item } from '../../../tests/helpers/rooms';
import type { OutboxStore } from '../shell/pageOutbox';

vi.mock('../../actions/stash', () => ({ putPlaceAction: vi.fn(), saveChangedItemAction: vi.fn() }));
const { createWaiting } = await import('./waiting');

/** A browser with pages that live and end. */
function browser() {
  const kept = new Map<string, string>();
  const held = new Set<string>();
  const store: OutboxStore = {
    keys: () => [...kept.keys()],
    get: (k) => kept.get(k) ?? null,
    set: (k, t) => void kept.set(k, t),
    remove: (k) => void kept.delete(k),
    hold: (n) => void held.add(n),
    ifFree: async (n, work) => {
      if (!held.has(n)) await work();
    },
  };
  return {
    kept,
    open: (page: string) => createWaiting(page, store),
    end: (page: string) => held.delete(`rideau:unsent-stash:${page}`),
  };
}
const change = (count: number) => ({
  kind: 'item' as const,
  before: item({ id: 'a', count: count - 1 }),
  after: item({ id: 'a', count }),
});

describe('what waits for an answer in the stash', () => {
  it('is kept until it is answered, each change for itself', () => {
    const b = browser();
    const page = b.open('one');
    const [first, second] = [page.keep(change(2)), page.keep(change(3))];
    first();
    expect(JSON.parse([...b.kept.values()][0]!)).toMatchObject([{ after: { count: 3 } }]);
    second();
    expect(b.kept.size).toBe(0);
  });
  it('of a page that ended is found by the next in its order, and still kept until that one is answered', async () => {
    const b = browser();
    const page = b.open('one');
    page.keep(change(2));
    page.keep(change(3));
    expect(await b.open('two').left()).toEqual([]);
    b.end('one');
    const left = await b.open('three').left();
    expect(left.map((l) => l.change.kind === 'item' && l.change.after.count)).toEqual([2, 3]);
    expect([...b.kept.keys()]).toEqual(['rideau:unsent-stash:three']);
    left.forEach((l) => l.done());
    expect(b.kept.size).toBe(0);
  });
  it('what cannot be read is put aside', async () => {
    const b = browser();
    b.kept.set('rideau:unsent-stash:x', '[{"kind":"item"}');
    b.kept.set('rideau:unsent-stash:y', '[{"kind":"place","place":{"id":"p"},"id":"1"}]');
    b.open('ended').keep(change(2));
    b.end('ended');
    const left = await b.open('one').left();
    expect(left).toHaveLength(1);
    expect([...b.kept.keys()].sort()).toEqual([
      'rideau:unread:rideau:unsent-stash:x',
      'rideau:unread:rideau:unsent-stash:y',
      'rideau:unsent-stash:one',
    ]);
  });
});

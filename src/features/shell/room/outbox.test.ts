import { describe, expect, it } from 'vitest';
import type { Change } from '../../../core/model/change';
import type { OutboxStore } from '../pageOutbox';
import { createOutbox } from './outbox';

const change: Change = { do: 'removeOpening', id: 'o' };
const box = (n: number) => ({ baseRevision: n, batches: [{ id: `b${n}`, changes: [change] }] });

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
    open: (page: string, room = 'r') => createOutbox(room, page, store),
    end: (page: string, room = 'r') => held.delete(`rideau:unsent:${room}:${page}`),
  };
}

describe('the outbox', () => {
  it('of one tab is not written over by another, and not taken while its tab lives', async () => {
    const b = browser();
    const [one, two] = [b.open('one'), b.open('two')];
    one.write(box(1));
    two.write(box(2));
    expect(b.kept.size).toBe(2);
    expect(await two.left()).toBeNull();
    two.write(null);
    expect([...b.kept.keys()]).toEqual(['rideau:unsent:r:one']);
  });
  it('of a page that ended is found by the next, one after the other, and goes once it is taken', async () => {
    const b = browser();
    b.open('one').write(box(1));
    b.open('two').write(box(2));
    b.end('one');
    b.end('two');
    const next = b.open('next');
    const first = (await next.left())!;
    expect(first.baseRevision).toBe(1);
    first.taken();
    expect((await next.left())!.baseRevision).toBe(2);
    expect(b.kept.size).toBe(1);
  });
  it('of an earlier version, without ids, is read, and each batch gets an id of its own', async () => {
    const b = browser();
    const kept = { baseRevision: 3, batches: [[change], [change, change]] };
    b.kept.set('rideau:unsent:r:old', JSON.stringify(kept));
    const left = (await b.open('next').left())!;
    expect(left.batches.map((batch) => batch.changes)).toEqual(kept.batches);
    expect(new Set(left.batches.map((batch) => batch.id)).size).toBe(2);
  });
  it('of another room is another room’s, and one that cannot be read is put aside', async () => {
    const b = browser();
    b.open('one', 'other').write(box(1));
    b.end('one', 'other');
    b.kept.set('rideau:unsent:r:broken', '{ broken');
    expect(await b.open('next').left()).toBeNull();
    b.kept.set('rideau:unsent:r:foreign', '{"baseRevision":1,"batches":[[{"do":"removeRoof","id":"x"}]]}');
    expect(await b.open('next').left()).toBeNull();
    expect([...b.kept.keys()].sort()).toEqual([
      'rideau:unread:rideau:unsent:r:broken',
      'rideau:unread:rideau:unsent:r:foreign',
      'rideau:unsent:other:one',
    ]);
    expect(b.kept.get('rideau:unread:rideau:unsent:r:broken')).toBe('{ broken');
  });
  it('does without a store', () => {
    const full: OutboxStore = {
      keys: () => [],
      get: () => null,
      set: () => {
        throw new Error('full');
      },
      remove: () => undefined,
      hold: () => undefined,
      ifFree: async () => undefined,
    };
    expect(() => createOutbox('r', 'p', full).write(box(1))).not.toThrow();
  });
});

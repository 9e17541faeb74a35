import { describe, expect, it, vi } from 'vitest';
import { demoRoom } from '../../../tests/helpers/rooms';
import { fail, ok } from '../../core/base/result';
import { createAside } from './aside';
import type { OutboxStore } from './pageOutbox';

vi.mock('../../actions/studio', () => ({ beginRoomAction: vi.fn() }));
const { BEGUN_ROOMS, createUnsentRooms } = await import('./unsentRooms');

const unsent = { file: demoRoom('landing'), homeId: null };
/** A browser in which no page is open but the one that asks. */
function browser() {
  const kept = new Map<string, string>();
  const store: OutboxStore = {
    keys: () => [...kept.keys()],
    get: (key) => kept.get(key) ?? null,
    set: (key, text) => void kept.set(key, text),
    remove: (key) => void kept.delete(key),
    hold: () => undefined,
    ifFree: (_name, work) => work(),
  };
  return { kept, store };
}
const never = () => new Promise<never>(() => undefined);

describe('a room that was begun', () => {
  it('is kept until it is answered', async () => {
    const { kept, store } = browser();
    let answer: (id: string) => void = () => undefined;
    const answered = new Promise<string>((resolve) => (answer = resolve));
    const rooms = createUnsentRooms('one', store, async () => ok({ id: await answered }));
    const result = rooms.begin(unsent, () => undefined);
    expect([...kept.keys()]).toEqual(['rideau:unsent-room:one']);
    answer('landing');
    expect(await result).toEqual(ok({ id: 'landing' }));
    expect(kept.size).toBe(0);
  });

  it('by a page that was closed is sent by the next, as it was', async () => {
    const { kept, store } = browser();
    void createUnsentRooms('one', store, never).begin(unsent, () => undefined);
    const begin = vi.fn(() => Promise.resolve(ok({ id: 'landing' })));
    expect(await createUnsentRooms('two', store, begin).sendLeft()).toBe(1);
    expect(begin.mock.calls).toEqual([[unsent]]);
    expect(kept.size).toBe(0);
  });

  it('and is refused then, is set aside with the reason and can be saved', async () => {
    const { kept, store } = browser();
    void createUnsentRooms('one', store, never).begin(unsent, () => undefined);
    const refused = () => Promise.resolve(fail({ message: 'too many rooms' }));
    expect(await createUnsentRooms('two', store, refused).sendLeft()).toBe(0);
    expect([...kept.keys()]).toEqual([`rideau:aside:${BEGUN_ROOMS}`]);
    expect(createAside(BEGUN_ROOMS, store).all().changes).toMatchObject([
      { why: 'too many rooms', label: { name: 'Landing' }, content: unsent.file },
    ]);
  });

  it('stays where the studio is away again', async () => {
    const { kept, store } = browser();
    void createUnsentRooms('one', store, never).begin(unsent, () => undefined);
    const away = () => Promise.reject(new TypeError('no connection'));
    await expect(createUnsentRooms('two', store, away).sendLeft()).rejects.toThrow('no connection');
    expect([...kept.keys()]).toEqual(['rideau:unsent-room:one']);
  });
});

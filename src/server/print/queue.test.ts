import { describe, expect, it } from 'vitest';
import { createQueue, type Hand } from './queue';

const settle = () => new Promise((done) => setTimeout(done, 5));

/** Hands whose jobs end when the test says so. */
function workshop(hands = 2, patienceMs = 10_000) {
  const running = new Map<string, (value: string) => void>();
  const log: string[] = [];
  let made = 0;
  const newHand = (): Hand<string, string> => {
    const name = `hand ${++made}`;
    let failed: (error: Error) => void = () => undefined;
    return {
      run: (job) =>
        new Promise((done, fail) => {
          log.push(`${name} began ${job}`);
          failed = fail;
          running.set(job, done);
        }),
      end: () => {
        log.push(`${name} ended`);
        failed(new Error('ended'));
      },
    };
  };
  const queue = createQueue<string, string>({ hands, patienceMs, newHand });
  const ask = (job: string) => {
    const leaving = new AbortController();
    return { leave: () => leaving.abort(), answer: queue.run(job, leaving.signal) };
  };
  return { ask, log, finish: (job: string) => running.get(job)?.(`${job} made`) };
}

describe('printing', () => {
  it('does two at a time, the others in their order, and uses its hands again', async () => {
    const { ask, log, finish } = workshop();
    const [a, b, c] = ['a', 'b', 'c'].map(ask);
    await settle();
    expect(log).toEqual(['hand 1 began a', 'hand 2 began b']);
    finish('a');
    expect(await a!.answer).toEqual({ state: 'done', value: 'a made' });
    await settle();
    expect(log).toEqual(['hand 1 began a', 'hand 2 began b', 'hand 1 began c']);
    finish('b');
    finish('c');
    expect([await b!.answer, await c!.answer]).toMatchObject([{ value: 'b made' }, { value: 'c made' }]);
  });
  it('is ended at once when nobody waits, and the next begins with a fresh hand', async () => {
    const { ask, log, finish } = workshop(1);
    const first = ask('long');
    const second = ask('short');
    await settle();
    first.leave();
    expect(await first.answer).toEqual({ state: 'given-up' });
    await settle();
    expect(log).toEqual(['hand 1 began long', 'hand 1 ended', 'hand 2 began short']);
    finish('short');
    expect(await second.answer).toMatchObject({ state: 'done' });
  });
  it('one that left before its turn is never begun, and does not keep the others waiting', async () => {
    const { ask, log, finish } = workshop(1);
    const [a, b, c] = ['a', 'b', 'c'].map(ask);
    await settle();
    b!.leave();
    expect(await b!.answer).toEqual({ state: 'given-up' });
    finish('a');
    await a!.answer;
    await settle();
    finish('c');
    expect(await c!.answer).toMatchObject({ state: 'done' });
    expect(log.filter((line) => line.includes('began'))).toEqual(['hand 1 began a', 'hand 1 began c']);
  });
  it('what takes too long is ended, and said to be late', async () => {
    const { ask, log } = workshop(1, 20);
    expect(await ask('endless').answer).toEqual({ state: 'late' });
    expect(log).toEqual(['hand 1 began endless', 'hand 1 ended']);
  });
  it('a hand that fails is not used again; its job is an error, the next one is done', async () => {
    const log: string[] = [];
    let made = 0;
    const queue = createQueue<string, string>({
      hands: 1,
      patienceMs: 1000,
      newHand: () => {
        const n = ++made;
        return {
          run: (job) => (n === 1 ? Promise.reject(new Error('broke')) : Promise.resolve(`${job} by ${n}`)),
          end: () => log.push(`ended ${n}`),
        };
      },
    });
    const { signal } = new AbortController();
    await expect(queue.run('a', signal)).rejects.toThrow('broke');
    expect(await queue.run('b', signal)).toEqual({ state: 'done', value: 'b by 2' });
    expect(log).toEqual(['ended 1']);
  });
});

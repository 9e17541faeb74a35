/** Jobs done by a few hands at a time, in the order in which they came, and ended when nobody waits for them. */

/** Does one job at a time; `end` ends it with whatever it does. */
export type Hand<Job, Value> = { run: (job: Job) => Promise<Value>; end: () => void };
export type Outcome<Value> = { state: 'done'; value: Value } | { state: 'given-up' | 'late' };

type Limits<Job, Value> = { hands: number; patienceMs: number; newHand: () => Hand<Job, Value> };

export function createQueue<Job, Value>({ hands, patienceMs, newHand }: Limits<Job, Value>) {
  const idle: Hand<Job, Value>[] = [];
  const waiting: (() => void)[] = [];
  let busy = 0;

  /** Waits for a turn; false when nobody waits any more before it comes. */
  function turn(signal: AbortSignal): Promise<boolean> {
    if (busy < hands) {
      busy++;
      return Promise.resolve(true);
    }
    return new Promise((done) => {
      const go = () => {
        signal.removeEventListener('abort', leave);
        busy++;
        done(true);
      };
      const leave = () => {
        waiting.splice(waiting.indexOf(go), 1);
        done(false);
      };
      waiting.push(go);
      signal.addEventListener('abort', leave, { once: true });
    });
  }
  const giveTurnBack = (): void => {
    busy--;
    waiting.shift()?.();
  };

  /** Does a job with a free hand; a hand that was ended or has failed is not used again. */
  async function doOne(job: Job, signal: AbortSignal): Promise<Outcome<Value>> {
    const hand = idle.pop() ?? newHand();
    let ended: Outcome<Value> | null = null;
    const stops = new AbortController();
    const end = (state: 'given-up' | 'late') => {
      ended ??= { state };
      hand.end();
      stops.abort();
    };
    const timer = setTimeout(() => end('late'), patienceMs);
    const give = () => end('given-up');
    signal.addEventListener('abort', give, { once: true });
    if (signal.aborted) give();
    try {
      const stopped = new Promise<null>((done) => {
        stops.signal.addEventListener('abort', () => done(null), { once: true });
      });
      const value = await Promise.race([hand.run(job), stopped]);
      if (ended || value === null) return ended ?? { state: 'given-up' };
      idle.push(hand);
      return { state: 'done', value };
    } catch (error) {
      if (ended) return ended;
      hand.end();
      throw error;
    } finally {
      clearTimeout(timer);
      signal.removeEventListener('abort', give);
      giveTurnBack();
    }
  }

  return {
    /** Waits for a free hand, then does the job; given up as soon as the signal says that nobody waits. */
    async run(job: Job, signal: AbortSignal): Promise<Outcome<Value>> {
      if (signal.aborted || !(await turn(signal))) return { state: 'given-up' };
      return doOne(job, signal);
    },
  };
}

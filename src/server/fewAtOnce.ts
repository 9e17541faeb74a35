import 'server-only';
import type { DoorIssue } from './issues';

/** As many photos are taken at a time; more would be held in vain. */
const AT_ONCE = 2;

/** Takes photos a few at a time, and remembers what was wrong with the first that was refused. */
export function fewAtOnce() {
  const running = new Set<Promise<void>>();
  let found: DoorIssue | null = null;
  let failure: unknown = null;
  const done = async (): Promise<void> => {
    await Promise.all(running);
    if (failure) throw failure as Error;
  };
  return {
    /** Begins with one as soon as there is room for it. */
    async begin(take: () => Promise<DoorIssue | null>): Promise<void> {
      if (found ?? failure) return;
      const task: Promise<void> = take().then(
        (issue) => {
          found ??= issue;
        },
        (error: unknown) => {
          failure ??= error;
        },
      );
      running.add(task);
      void task.then(() => running.delete(task));
      if (running.size >= AT_ONCE) await Promise.race(running);
    },
    done,
    issue: (): DoorIssue | null => found,
  };
}

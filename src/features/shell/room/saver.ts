import type { Result } from '../../../core/base/result';
import { applyChange, type Change } from '../../../core/model/change';
import type { RoomFile } from '../../../core/model/types';
import type { LeftOutbox, Outbox } from './outbox';

export type Label = { code: string; name?: string };
export type Saving =
  | { state: 'saved' | 'saving' | 'unsent' }
  | { state: 'stale'; since: Label[]; mine: number }
  | { state: 'refused'; why: string };
export type Said =
  | { kind: 'undone' | 'redone'; label: Label }
  | { kind: 'nothing'; way: 'undo' | 'redo' }
  | { kind: 'stands' };
export type Snapshot = {
  file: RoomFile;
  saving: Saving;
  labels: { undo: Label | null; redo: Label | null };
  said: Said | null;
};

type State = { revision: number; undo: Label | null; redo: Label | null };
type Refusal =
  | { code: 'stale'; since: Label[] }
  | { code: 'refused'; issues: { message: string }[] }
  | { code: 'not-found' | 'nothing-to-undo' | 'stands-in-the-way' };
/**
 * The doors to the studio, the browser's store and the other tabs; passed in, so that a test can stand in for
 * them.
 */
export type Doors = {
  change: (baseRevision: number, changes: Change[]) => Promise<Result<State, Refusal>>;
  replay: (way: 'undo' | 'redo') => Promise<Result<State & { label: Label; file: RoomFile | null }, Refusal>>;
  open: () => Promise<(State & { file: RoomFile }) | null>;
  state: () => Promise<State>;
  leftOutbox: () => Promise<LeftOutbox | null>;
  writeOutbox: (outbox: Outbox | null) => void;
  tell: (revision: number) => void;
  later: (work: () => void) => void;
};

type Way = 'undo' | 'redo';
type Job = { batch: Change[] } | { way: Way; done: () => void };

/**
 * The room as it stands here, and its way to the studio: each change shows at once, is kept in the browser
 * until the studio has it, and is sent in order; undo and redo wait for what was changed before them. A room
 * changed elsewhere is reported; nothing overwrites it unasked.
 */
export function createSaver(opened: State & { file: RoomFile }, doors: Doors) {
  let snapshot: Snapshot = {
    file: opened.file,
    saving: { state: 'saved' },
    labels: { undo: opened.undo, redo: opened.redo },
    said: null,
  };
  let revision = opened.revision;
  let jobs: Job[] = [];
  let sending = false;
  let held = false;
  const listeners = new Set<() => void>();
  const show = (next: Partial<Snapshot>) => {
    snapshot = { ...snapshot, ...next };
    for (const l of listeners) l();
  };
  const batches = () => jobs.flatMap((j) => ('batch' in j ? [j.batch] : []));
  const keep = () =>
    doors.writeOutbox(batches().length > 0 ? { baseRevision: revision, batches: batches() } : null);
  const labelsOf = (s: State) => ({ undo: s.undo, redo: s.redo });
  const withMine = (file: RoomFile) => batches().flat().reduce(applyChange, file);

  /** Undo and redo that still wait are given up: what they were meant for is not there. */
  function giveUpReplays(): void {
    for (const j of jobs) if ('way' in j) j.done();
    jobs = jobs.filter((j) => 'batch' in j);
  }

  async function send(): Promise<void> {
    if (sending || held) return;
    sending = true;
    while (jobs.length > 0 && !held) {
      const job = jobs[0]!;
      if (!(await ('batch' in job ? sendBatch(job.batch) : sendReplay(job)))) break;
    }
    sending = false;
  }

  /** Whether the next one may follow. */
  async function sendBatch(batch: Change[]): Promise<boolean> {
    show({ saving: { state: 'saving' } });
    let result: Awaited<ReturnType<Doors['change']>>;
    try {
      result = await doors.change(revision, batch);
    } catch {
      show({ saving: { state: 'unsent' } });
      doors.later(() => {
        void send();
      });
      return false;
    }
    if (result.ok) {
      jobs = jobs.slice(1);
      revision = result.value.revision;
      keep();
      doors.tell(revision);
      show({
        labels: labelsOf(result.value),
        ...(jobs.length === 0 ? { saving: { state: 'saved' } as const } : {}),
      });
      return true;
    }
    giveUpReplays();
    const issue = result.issues[0]!;
    if (issue.code === 'stale') {
      held = true;
      show({ saving: { state: 'stale', since: issue.since, mine: batches().length } });
      return false;
    }
    // what the studio cannot take is dropped here too, so that the drawing shows what is kept
    jobs = jobs.slice(1);
    keep();
    show({
      saving: {
        state: 'refused',
        why: issue.code === 'refused' ? issue.issues.map((i) => i.message).join('; ') : issue.code,
      },
    });
    const fresh = await doors.open().catch(() => null);
    if (fresh) {
      revision = fresh.revision;
      show({ file: withMine(fresh.file) });
    }
    return true;
  }

  async function sendReplay({ way, done }: { way: Way; done: () => void }): Promise<boolean> {
    let result: Awaited<ReturnType<Doors['replay']>>;
    try {
      result = await doors.replay(way);
    } catch {
      giveUpReplays();
      show({ saving: { state: 'unsent' } });
      if (jobs.length > 0)
        doors.later(() => {
          void send();
        });
      return false;
    }
    jobs = jobs.slice(1);
    if (result.ok) {
      revision = result.value.revision;
      keep();
      doors.tell(revision);
      show({
        ...(result.value.file ? { file: withMine(result.value.file) } : {}),
        labels: labelsOf(result.value),
        said: { kind: way === 'undo' ? 'undone' : 'redone', label: result.value.label },
        ...(batches().length === 0 ? { saving: { state: 'saved' } as const } : {}),
      });
    } else
      show({
        said: result.issues[0]!.code === 'stands-in-the-way' ? { kind: 'stands' } : { kind: 'nothing', way },
      });
    done();
    return true;
  }

  function change(changes: Change[]): void {
    if (changes.length === 0) return;
    jobs = [...jobs, { batch: changes }];
    keep();
    show({
      file: changes.reduce(applyChange, snapshot.file),
      said: null,
      ...(snapshot.saving.state === 'stale'
        ? { saving: { ...snapshot.saving, mine: batches().length } }
        : {}),
    });
    void send();
  }

  /** Takes the studio's room; what is unsent here goes on top of it, or is left out. */
  async function takeFresh(mine: 'on-top' | 'out'): Promise<void> {
    const fresh = await doors.open().catch(() => null);
    if (!fresh) return;
    giveUpReplays();
    if (mine === 'out') jobs = [];
    revision = fresh.revision;
    held = false;
    keep();
    show({ file: withMine(fresh.file), labels: labelsOf(fresh), saving: { state: 'saved' } });
    await send();
  }

  /**
   * Takes the last change back, or does it again, after all that was changed before; done when it is answered
   * or given up.
   */
  function replay(way: Way): Promise<void> {
    if (held) return Promise.resolve();
    return new Promise((done) => {
      jobs = [...jobs, { way, done }];
      void send();
    });
  }

  /**
   * Picks up what a crash or a closed tab left unsent, else makes sure that this page is not older than the
   * studio.
   */
  async function wake(): Promise<void> {
    const left = await doors.leftOutbox();
    if (left && sending) {
      // what is on its way goes first; the found changes wait for the next waking
      doors.later(() => {
        void wake();
      });
      return;
    }
    if (left) {
      jobs = [...left.batches.map((batch) => ({ batch })), ...jobs];
      revision = left.baseRevision;
      keep();
      left.taken();
      show({ file: withMine(snapshot.file) });
      await send();
      await wake();
      return;
    }
    const state = await doors.state().catch(() => null);
    if (!state || state.revision === revision || jobs.length > 0 || sending || held) return;
    const fresh = await doors.open().catch(() => null);
    if (!fresh || jobs.length > 0 || sending) return;
    revision = fresh.revision;
    show({ file: fresh.file, labels: labelsOf(fresh) });
  }

  /** Another tab says that it wrote. */
  async function heard(theirs: number): Promise<void> {
    if (theirs <= revision || held || sending) return;
    const state = await doors.state().catch(() => null);
    if (!state || state.revision <= revision || sending || held) return;
    held = true;
    show({ saving: { state: 'stale', since: state.undo ? [state.undo] : [], mine: batches().length } });
  }

  return {
    change,
    replay,
    takeFresh,
    wake,
    heard,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
      };
    },
    snapshot: () => snapshot,
  };
}

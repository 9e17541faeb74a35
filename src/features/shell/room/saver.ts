import { first } from '../../../core/base/list';
import type { Result } from '../../../core/base/result';
import type { Change } from '../../../core/model/change';
import { applyKept } from '../../../core/room/approval';
import type { RoomFile } from '../../../core/model/types';
import type { Batch } from '../../../core/model/schema/outbox';
import type { Label } from '../label';
import type { Refused } from '../aside';
import type { LeftOutbox, Outbox } from './outbox';

export type { Label };
export type Saving =
  | { state: 'saved' | 'saving' | 'unsent' | 'diskFull' }
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
  | { code: 'not-found' | 'nothing-to-undo' | 'stands-in-the-way' | 'disk-full' };
/**
 * The doors to the studio, the browser's store and the other tabs; passed in, so that a test can stand in for
 * them.
 */
export type Doors = {
  change: (baseRevision: number, batch: Batch) => Promise<Result<State, Refusal>>;
  replay: (way: 'undo' | 'redo') => Promise<Result<State & { label: Label; file: RoomFile | null }, Refusal>>;
  open: () => Promise<(State & { file: RoomFile }) | null>;
  state: () => Promise<State>;
  leftOutbox: () => Promise<LeftOutbox | null>;
  writeOutbox: (outbox: Outbox | null) => void;
  /** Keeps what the studio could not take. */
  setAside: (refused: Refused) => void;
  newId: () => string;
  tell: (revision: number) => void;
  later: (work: () => void) => void;
};

type Way = 'undo' | 'redo';
type ReplayJob = { way: Way; done: () => void };
type Job = { batch: Batch } | ReplayJob;

const SAVED = { saving: { state: 'saved' } } as const;
const labelsOf = ({ undo, redo }: State): Snapshot['labels'] => ({ undo, redo });

/**
 * The room as it stands here, and its way to the studio: each change shows at once, is kept in the browser
 * until the studio has it, and is sent in order; undo and redo wait for what was changed before them. A room
 * changed elsewhere is reported; nothing overwrites it unasked.
 */
class Saver {
  #shown: Snapshot;
  #revision: number;
  #jobs: Job[] = [];
  #sending = false;
  /** Nothing is sent until the stylist has said what to do about a change made elsewhere. */
  #held = false;
  readonly #listeners = new Set<() => void>();
  readonly #doors: Doors;

  constructor(opened: State & { file: RoomFile }, doors: Doors) {
    this.#doors = doors;
    this.#revision = opened.revision;
    this.#shown = {
      file: opened.file,
      saving: { state: 'saved' },
      labels: labelsOf(opened),
      said: null,
    };
  }

  snapshot = (): Snapshot => this.#shown;

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => {
      this.#listeners.delete(listener);
    };
  };

  change = (changes: Change[]): void => {
    if (changes.length === 0) return;
    this.#jobs = [...this.#jobs, { batch: { id: this.#doors.newId(), changes } }];
    this.#keep();
    const { saving } = this.#shown;
    this.#show({
      file: changes.reduce(applyKept, this.#shown.file),
      said: null,
      ...(saving.state === 'stale' ? { saving: { ...saving, mine: this.#batches().length } } : {}),
    });
    void this.#send();
  };

  /**
   * Takes the last change back, or does it again, after all that was changed before; done when it is answered
   * or given up.
   */
  replay = (way: Way): Promise<void> => {
    if (this.#held) return Promise.resolve();
    return new Promise((done) => {
      this.#jobs = [...this.#jobs, { way, done }];
      void this.#send();
    });
  };

  /** Takes the studio's room; what is unsent here goes on top of it, or is left out. */
  takeFresh = async (mine: 'on-top' | 'out'): Promise<void> => {
    const fresh = await this.#open();
    if (!fresh) return;
    this.#giveUpReplays();
    if (mine === 'out') this.#jobs = [];
    this.#revision = fresh.revision;
    this.#held = false;
    this.#keep();
    this.#show({ file: this.#withMine(fresh.file), labels: labelsOf(fresh), saving: { state: 'saved' } });
    await this.#send();
  };

  /**
   * Picks up what a crash or a closed tab left unsent, else makes sure that this page is not older than the
   * studio.
   */
  wake = async (): Promise<void> => {
    const left = await this.#doors.leftOutbox();
    if (!left) {
      await this.#catchUp();
      return;
    }
    if (this.#sending) {
      // what is on its way goes first; the found changes wait for the next waking
      this.#doors.later(() => {
        void this.wake();
      });
      return;
    }
    this.#jobs = [...left.batches.map((batch) => ({ batch })), ...this.#jobs];
    this.#revision = left.baseRevision;
    this.#keep();
    left.taken();
    this.#show({ file: this.#withMine(this.#shown.file) });
    await this.#send();
    await this.wake();
  };

  /** Another tab says that it wrote. */
  heard = async (theirs: number): Promise<void> => {
    if (theirs <= this.#revision || this.#held || this.#sending) return;
    const state = await this.#state();
    if (!state || state.revision <= this.#revision || this.#sending || this.#held) return;
    this.#hold(state.undo ? [state.undo] : []);
  };

  #show(next: Partial<Snapshot>): void {
    this.#shown = { ...this.#shown, ...next };
    for (const listener of this.#listeners) listener();
  }

  #open = () => this.#doors.open().catch(() => null);
  #state = () => this.#doors.state().catch(() => null);
  #batches = () => this.#jobs.flatMap((j) => ('batch' in j ? [j.batch] : []));
  #withMine = (file: RoomFile) =>
    this.#batches()
      .flatMap((b) => b.changes)
      .reduce(applyKept, file);

  /** Keeps in the browser what the studio does not have yet. */
  #keep(): void {
    const batches = this.#batches();
    this.#doors.writeOutbox(batches.length > 0 ? { baseRevision: this.#revision, batches } : null);
  }

  #hold(labels: Label[]): void {
    this.#held = true;
    this.#show({ saving: { state: 'stale', since: labels, mine: this.#batches().length } });
  }

  /** Undo and redo that still wait are given up: what they were meant for is not there. */
  #giveUpReplays(): void {
    for (const j of this.#jobs) if ('way' in j) j.done();
    this.#jobs = this.#jobs.filter((j) => 'batch' in j);
  }

  async #catchUp(): Promise<void> {
    const isBusy = () => this.#jobs.length > 0 || this.#sending;
    const state = await this.#state();
    if (!state || state.revision === this.#revision || isBusy() || this.#held) return;
    const fresh = await this.#open();
    if (!fresh || isBusy()) return;
    this.#revision = fresh.revision;
    this.#show({ file: fresh.file, labels: labelsOf(fresh) });
  }

  async #send(): Promise<void> {
    if (this.#sending || this.#held) return;
    this.#sending = true;
    while (this.#jobs.length > 0 && !this.#held) {
      const job = first(this.#jobs);
      const mayGoOn = await ('batch' in job ? this.#sendBatch(job.batch) : this.#sendReplay(job));
      if (!mayGoOn) break;
    }
    this.#sending = false;
  }

  #sendLater(): void {
    this.#doors.later(() => {
      void this.#send();
    });
  }

  /** The studio has taken the first job. */
  #took(state: State, next: Partial<Snapshot>): void {
    this.#revision = state.revision;
    this.#keep();
    this.#doors.tell(state.revision);
    this.#show({ labels: labelsOf(state), ...next });
  }

  /** Whether the next one may follow. */
  async #sendBatch(batch: Batch): Promise<boolean> {
    this.#show({ saving: { state: 'saving' } });
    let result: Awaited<ReturnType<Doors['change']>>;
    try {
      result = await this.#doors.change(this.#revision, batch);
    } catch {
      this.#show({ saving: { state: 'unsent' } });
      this.#sendLater();
      return false;
    }
    if (result.ok) {
      this.#jobs = this.#jobs.slice(1);
      this.#took(result.value, this.#jobs.length === 0 ? SAVED : {});
      return true;
    }
    this.#giveUpReplays();
    const issue = result.issues[0];
    if (issue.code === 'stale') {
      this.#hold(issue.since);
      return false;
    }
    if (issue.code === 'disk-full') {
      this.#show({ saving: { state: 'diskFull' } });
      this.#sendLater();
      return false;
    }
    await this.#setAside(batch, issue);
    return true;
  }

  /** What the studio cannot take is put aside here, so that the drawing shows what is kept and the rest may follow. */
  async #setAside({ changes }: Batch, issue: Refusal): Promise<void> {
    this.#jobs = this.#jobs.slice(1);
    const why = issue.code === 'refused' ? issue.issues.map((i) => i.message).join('; ') : issue.code;
    this.#doors.setAside({ why, changes });
    this.#keep();
    this.#show({ saving: { state: 'refused', why } });
    const fresh = await this.#open();
    if (!fresh) return;
    this.#revision = fresh.revision;
    this.#show({ file: this.#withMine(fresh.file) });
  }

  async #sendReplay({ way, done }: ReplayJob): Promise<boolean> {
    let result: Awaited<ReturnType<Doors['replay']>>;
    try {
      result = await this.#doors.replay(way);
    } catch {
      this.#giveUpReplays();
      this.#show({ saving: { state: 'unsent' } });
      if (this.#jobs.length > 0) this.#sendLater();
      return false;
    }
    this.#jobs = this.#jobs.slice(1);
    if (result.ok) {
      const { file, label } = result.value;
      this.#took(result.value, {
        ...(file ? { file: this.#withMine(file) } : {}),
        said: { kind: way === 'undo' ? 'undone' : 'redone', label },
        ...(this.#batches().length === 0 ? SAVED : {}),
      });
    } else {
      const stands = result.issues[0].code === 'stands-in-the-way';
      this.#show({ said: stands ? { kind: 'stands' } : { kind: 'nothing', way } });
    }
    done();
    return true;
  }
}

export const createSaver = (opened: State & { file: RoomFile }, doors: Doors): Saver =>
  new Saver(opened, doors);

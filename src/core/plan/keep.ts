import type { Look, Room, RoomFile } from '../model/types';

export type FileKey = Exclude<keyof RoomFile, 'looks'>;

/**
 * What a computation reads: whole lists of the room file, single fields of its room or look, and other parts.
 */
export type Reads<F extends FileKey, R extends keyof Room, L extends keyof Look, P> = {
  file?: readonly F[];
  room?: readonly R[];
  look?: readonly L[];
  parts?: readonly P[];
};

/** Exactly those slices, as the computation gets them. */
export type Input<F extends FileKey, R extends keyof Room, L extends keyof Look, P> = P & {
  file: Pick<RoomFile, F> & ([R] extends [never] ? unknown : { room: Pick<Room, R> });
  look: Pick<Look, L>;
};

type AnyReads = Reads<FileKey, keyof Room, keyof Look, string>;
type Source = { file: RoomFile; look: Look };

/** A computation that is kept for as long as everything it reads is the same object. */
export type Kept<Result> = {
  reads: AnyReads;
  make: (input: never, previous: Result | undefined) => Result;
};

/** A computation by itself. The compiler lets `make` read nothing but what `reads` lists. */
export const keptFrom = <
  Result,
  const F extends FileKey = never,
  const R extends keyof Room = never,
  const L extends keyof Look = never,
>(
  reads: Reads<F, R, L, never>,
  make: (input: Input<F, R, L, unknown>, previous: Result | undefined) => Result,
): Kept<Result> => ({ reads, make: make as Kept<Result>['make'] });

/** A part of the plan, under the name by which later parts and stages read it. */
export type Part<Parts> = Kept<unknown> & { name: keyof Parts & string };

/** Describes parts. The compiler lets `make` read nothing but what `reads` lists. */
export const partOf =
  <Parts>() =>
  <
    N extends keyof Parts & string,
    const F extends FileKey = never,
    const R extends keyof Room = never,
    const L extends keyof Look = never,
    const P extends keyof Parts & string = never,
  >(
    name: N,
    reads: Reads<F, R, L, P>,
    make: (input: Input<F, R, L, Pick<Parts, P>>, previous: Parts[N] | undefined) => Parts[N],
  ): Part<Parts> => ({ name, reads, make: make as Kept<unknown>['make'] });

type Memory = { inputs: readonly unknown[]; result: unknown };
/** What a plan was worked out from and to, by name: the next plan reuses what still holds. */
export type Memories = ReadonlyMap<string, Memory>;

/**
 * Works parts out in order, and reuses each result whose inputs are the very same objects as in the previous
 * plan.
 */
export class Keeper<Parts extends object> {
  readonly memories = new Map<string, Memory>();
  readonly #parts: Record<string, unknown>;
  #source: Source;

  constructor(
    source: Source,
    given: Partial<Parts>,
    private readonly previous: Memories | undefined,
  ) {
    this.#source = source;
    this.#parts = { ...given };
  }

  /** The parts worked out so far. */
  get parts(): Parts {
    return this.#parts as Parts;
  }

  /** Gives a list to the parts that follow: the previous one, as long as it holds the same objects. */
  setList(name: keyof Parts & string, list: readonly unknown[]): void {
    const key = `${name} of ${list.length}`;
    const known = this.previous?.get(key);
    const same = known?.inputs.every((value, i) => value === list[i]);
    const result = same ? known?.result : list;
    this.memories.set(key, { inputs: list, result });
    this.#parts[name] = result;
  }

  /** Lets everything that follows read a list of the file as it is in the look. */
  replace<F extends FileKey>(key: F, item: Kept<RoomFile[F]>): void {
    const { file, look } = this.#source;
    const value = this.keep(`${key} of the look`, item);
    if (value !== file[key]) this.#source = { file: { ...file, [key]: value }, look };
  }

  /** Lets everything that follows read fields of the room as they are in the look. */
  replaceInRoom<K extends keyof Room>(name: string, item: Kept<Pick<Room, K>>): void {
    const { file, look } = this.#source;
    const fields = this.keep(`${name} of the look`, item);
    const isAsItWas = (Object.keys(fields) as K[]).every((key) => file.room[key] === fields[key]);
    if (!isAsItWas) this.#source = { file: { ...file, room: { ...file.room, ...fields } }, look };
  }

  run(item: Part<Parts>): void {
    this.#parts[item.name] = this.keep(item.name, item);
  }

  keep<Result>(name: string, item: Kept<Result>): Result {
    const inputs = this.#inputsOf(item.reads);
    const known = this.previous?.get(name);
    const holds = known !== undefined && known.inputs.every((value, i) => Object.is(value, inputs[i]));
    const result = holds
      ? (known.result as Result)
      : item.make(this.#slicesOf(item.reads) as never, known?.result as Result | undefined);
    this.memories.set(name, { inputs, result });
    return result;
  }

  #inputsOf(reads: AnyReads): unknown[] {
    const { file, look } = this.#source;
    const inputs: unknown[] = [];
    for (const key of reads.file ?? []) inputs.push(file[key]);
    for (const key of reads.room ?? []) inputs.push(file.room[key]);
    for (const key of reads.look ?? []) inputs.push(look[key]);
    for (const key of reads.parts ?? []) inputs.push(this.#parts[key]);
    return inputs;
  }

  /**
   * Only what is listed is handed over: a computation that reads more finds nothing there, and its tests
   * fail.
   */
  #slicesOf(reads: AnyReads): unknown {
    const { file, look } = this.#source;
    const room = reads.room ? { room: pick(file.room, reads.room) } : {};
    return {
      ...pick(this.#parts, reads.parts ?? []),
      file: { ...pick(file, reads.file ?? []), ...room },
      look: pick(look, reads.look ?? []),
    };
  }
}

/** The fields as they were before, where they say the same: what was worked out from them is kept. */
export function keptFields<T extends object>(fields: T, previous: T | undefined): T {
  if (!previous) return fields;
  const kept = { ...fields };
  for (const key of Object.keys(fields) as (keyof T)[])
    if (isSameValue(fields[key], previous[key])) kept[key] = previous[key];
  return kept;
}

/** The same rows as before where they say the same, and the same list where all do. */
export function keptRows<T extends { id: string }>(rows: T[], previous: T[] = []): T[] {
  const before = new Map(previous.map((row) => [row.id, row]));
  const kept = rows.map((row) => {
    const known = before.get(row.id);
    return known && (known === row || isSameRow(known, row)) ? known : row;
  });
  if (kept.every((row, i) => row === rows[i])) return rows;
  return kept.length === previous.length && kept.every((row, i) => row === previous[i]) ? previous : kept;
}

/** Whether two rows say the same in every field. */
export const isSameRow = <T extends object>(a: T, b: T): boolean =>
  (Object.keys(a) as (keyof T)[]).every((key) => a[key] === b[key]);
const isSameValue = (a: unknown, b: unknown): boolean =>
  a === b || (typeof a === 'object' && typeof b === 'object' && JSON.stringify(a) === JSON.stringify(b));

function pick<T extends object, K extends keyof T>(source: T, keys: readonly K[]): Pick<T, K> {
  const picked = {} as Pick<T, K>;
  for (const key of keys) picked[key] = source[key];
  return picked;
}

/** An element that has to be there. Throws with the place and the length where it is not. */
export function elementAt<T>(list: ArrayLike<T>, index: number): T {
  const found = list[index];
  if (found === undefined) throw new Error(`There is no element ${index} in a list of ${list.length}.`);
  return found;
}

/** The first of a list that has one. */
export const first = <T>(list: ArrayLike<T>): T => elementAt(list, 0);

/** The last of a list that has one. */
export const last = <T>(list: ArrayLike<T>): T => elementAt(list, list.length - 1);

/** The one of a list that has to be there. */
export function findOne<T>(list: readonly T[], test: (one: T) => boolean): T {
  const found = list.find(test);
  if (found === undefined) throw new Error(`None of ${list.length} is the one that is looked for.`);
  return found;
}

/** The earlier list, where both hold the very same objects: what was worked out from it can be kept. */
export function sameOr<T>(earlier: readonly T[] | undefined, now: readonly T[]): readonly T[] {
  const isSame = earlier?.length === now.length && now.every((value, i) => value === earlier[i]);
  return isSame ? earlier : now;
}

/** The elements by what they share, each group in their order. */
export function groupedBy<K, T>(list: readonly T[], keyOf: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const one of list) {
    const key = keyOf(one);
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}

/** Each element with the one after it, the last with the first: the edges of an outline. */
export const ring = <T>(list: readonly T[]): [T, T][] =>
  list.map((one, i) => [one, elementAt(list, (i + 1) % list.length)]);

/** The sum of the products of two lists, element by element. */
export function dot(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

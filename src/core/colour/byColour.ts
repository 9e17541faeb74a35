import type { Lab } from './spaces';

/** Values kept by exactly equal colours, in the order in which those came; quicker than by a text of the numbers. */
export class ByColour<V> {
  readonly #byLightness = new Map<number, { lab: Lab; value: V }[]>();
  readonly #values: V[] = [];

  /** The value that a colour has, or the one that it is given now. */
  of(lab: Lab, begin: () => V): V {
    const alike = this.#byLightness.get(lab.l);
    const known = alike?.find((one) => one.lab.a === lab.a && one.lab.b === lab.b);
    if (known) return known.value;
    const value = begin();
    if (alike) alike.push({ lab, value });
    else this.#byLightness.set(lab.l, [{ lab, value }]);
    this.#values.push(value);
    return value;
  }

  get values(): readonly V[] {
    return this.#values;
  }
}

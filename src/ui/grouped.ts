import type { SelectOption } from './selectTypes';

/** Options by their group, in the order in which they came. */
export function grouped(
  options: readonly SelectOption<string>[],
): { name: string; options: SelectOption<string>[] }[] {
  const groups = new Map<string, SelectOption<string>[]>();
  for (const o of options) groups.set(o.group ?? '', [...(groups.get(o.group ?? '') ?? []), o]);
  return [...groups].map(([name, all]) => ({ name, options: all }));
}

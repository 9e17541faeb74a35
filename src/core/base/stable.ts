const sortedKeys = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sortedKeys);
  return value !== null && typeof value === 'object'
    ? Object.fromEntries(
        Object.entries(value)
          .sort(([a], [b]) => (a < b ? -1 : 1))
          .map(([k, v]) => [k, sortedKeys(v)]),
      )
    : value;
};

/** The same text for the same value, whatever order its fields came in. */
export const stableText = (value: unknown): string => JSON.stringify(sortedKeys(value));

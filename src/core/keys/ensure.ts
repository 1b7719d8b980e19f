/** Anything that keeps values by key. */
interface Kept<Key, Value> {
  get(key: Key): Value | undefined;
  set(key: Key, value: Value): unknown;
}

/** The value kept for a key, made where there is none yet. */
export function ensure<Key, Value>(kept: Kept<Key, Value>, key: Key, make: () => Value): Value {
  let value = kept.get(key);
  if (value === undefined) kept.set(key, (value = make()));
  return value;
}

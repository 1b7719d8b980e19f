/** Where a part of a description stands, and the same description with that part alone put anew. */

/** Names and places from the outside in: `["rules", 3, "keys"]`. */
export type Path = readonly (string | number)[];

/** What stands there; undefined where nothing does. */
export const valueAt = (root: unknown, path: Path): unknown =>
  path.reduce<unknown>(
    (part, step) =>
      typeof part === "object" && part !== null ? (part as Record<string | number, unknown>)[step] : undefined,
    root,
  );

/** The same with `value` there; undefined takes the field away. What is not on the way stays the very same. */
export function withValueAt(root: unknown, path: Path, value: unknown): unknown {
  const [step, ...rest] = path;
  if (step === undefined) return value;
  if (Array.isArray(root)) return root.with(Number(step), withValueAt(root[Number(step)], rest, value));
  const fields = root as Readonly<Record<string, unknown>>;
  const inner = withValueAt(fields[step], rest, value);
  if (inner !== undefined) return { ...fields, [step]: inner };
  return Object.fromEntries(Object.entries(fields).filter(([name]) => name !== step));
}

/** The same with an item put into the list there. */
export const withItemAt = (root: unknown, list: Path, at: number, item: unknown): unknown =>
  withValueAt(root, list, (valueAt(root, list) as readonly unknown[]).toSpliced(at, 0, item));

/** The same without that item of the list there. */
export const withoutItemAt = (root: unknown, list: Path, at: number): unknown =>
  withValueAt(root, list, (valueAt(root, list) as readonly unknown[]).toSpliced(at, 1));

/** The same with one item of the list there moved. */
export function withItemMoved(root: unknown, list: Path, from: number, to: number): unknown {
  const items = valueAt(root, list) as readonly unknown[];
  return withValueAt(root, list, items.toSpliced(from, 1).toSpliced(to, 0, items[from]));
}

/**
 * Steps of work on a description, each with its inverse. Undo puts back what one step changed and leaves what another
 * window changed since alone.
 */
import type { DisplayProfile } from "../profile";
import { valueAt, withValueAt, type Path } from "./paths";

/** One place changed: what stood there, and what does now. In a list, a run of items from `at`. */
export type Patch =
  | { readonly kind: "value"; readonly path: Path; readonly was: unknown; readonly is: unknown }
  | {
      readonly kind: "items";
      readonly path: Path;
      readonly at: number;
      readonly was: readonly unknown[];
      readonly is: readonly unknown[];
    };

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Whether two parts say the same, in whatever order they say it. */
export function sameParts(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((item, i) => sameParts(item, b[i]));
  if (!isObject(a) || !isObject(b)) return false;
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((name) => sameParts(a[name], b[name]));
}

/** Raised with every write: no part of what was done. */
const NOT_A_DEED: ReadonlySet<string> = new Set(["revision"]);

/** Everything one step changed, place by place. */
export function patchesBetween(was: unknown, is: unknown, path: Path = []): readonly Patch[] {
  if (was === is) return [];
  if (Array.isArray(was) && Array.isArray(is))
    return was.length === is.length ? eachItem(was, is, path) : oneRun(was, is, path);
  if (!isObject(was) || !isObject(is)) return sameParts(was, is) ? [] : [{ kind: "value", path, was, is }];
  return [...new Set([...Object.keys(was), ...Object.keys(is)])]
    .filter((name) => path.length > 0 || !NOT_A_DEED.has(name))
    .flatMap((name) => patchesBetween(was[name], is[name], [...path, name]));
}

const eachItem = (was: readonly unknown[], is: readonly unknown[], path: Path): readonly Patch[] => {
  const changed = was.flatMap((item, i) => (sameParts(item, is[i]) ? [] : [i]));
  // Several at once are a list put into another order, or written anew: one run.
  return changed.length > 1
    ? oneRun(was, is, path)
    : changed.flatMap((i) => patchesBetween(was[i], is[i], [...path, i]));
};

function oneRun(was: readonly unknown[], is: readonly unknown[], path: Path): readonly Patch[] {
  const least = Math.min(was.length, is.length);
  let head = 0;
  while (head < least && sameParts(was[head], is[head])) head += 1;
  let tail = 0;
  while (tail < least - head && sameParts(was[was.length - 1 - tail], is[is.length - 1 - tail])) tail += 1;
  const run = (items: readonly unknown[]) => items.slice(head, items.length - tail);
  return head === was.length && head === is.length
    ? []
    : [{ kind: "items", path, at: head, was: run(was), is: run(is) }];
}

/** What undoes a patch. */
export const inverse = (patch: Patch): Patch => ({ ...patch, was: patch.is, is: patch.was }) as Patch;

/** A description with a patch done to it, where what it changes stands as it did; else the very same. */
function patched(profile: unknown, patch: Patch): unknown {
  const there = valueAt(profile, patch.path);
  if (patch.kind === "value") return sameParts(there, patch.was) ? withValueAt(profile, patch.path, patch.is) : profile;
  if (!Array.isArray(there) || !sameParts(there.slice(patch.at, patch.at + patch.was.length), patch.was))
    return profile;
  return withValueAt(profile, patch.path, there.toSpliced(patch.at, patch.was.length, ...patch.is));
}

export const withPatches = (profile: DisplayProfile, patches: readonly Patch[]): DisplayProfile =>
  patches.reduce<unknown>(patched, profile) as DisplayProfile;

/** Steps done, last first, and steps taken back, first to do again first. */
export interface History {
  readonly done: readonly (readonly Patch[])[];
  readonly undone: readonly (readonly Patch[])[];
}

export const NO_HISTORY: History = { done: [], undone: [] };

/** Steps kept: far more than anybody takes back. */
const MOST_STEPS = 200;

/** The one place a step wrote in, where it was typing. */
const typedIn = (patches: readonly Patch[]): string | null => {
  const [only] = patches;
  return patches.length === 1 && only?.kind === "value" ? only.path.join(".") : null;
};

/** A history with one step more. What is typed into one field, key after key, is one step. */
export function withStep({ done }: History, patches: readonly Patch[]): History {
  const [last, ...before] = done;
  if (patches.length === 0) return { done, undone: [] };
  const [now] = patches;
  const [then] = last ?? [];
  if (last && now && then && typedIn(patches) !== null && typedIn(patches) === typedIn(last)) {
    const joined = { ...now, was: then.was } as Patch;
    return { done: [[joined], ...before], undone: [] };
  }
  return { done: [patches, ...done].slice(0, MOST_STEPS), undone: [] };
}

/** One step taken back, with what does it; null where there is none. */
export function undone({
  done,
  undone: ahead,
}: History): { readonly history: History; readonly patches: readonly Patch[] } | null {
  const [last, ...before] = done;
  return last ? { history: { done: before, undone: [last, ...ahead] }, patches: last.toReversed().map(inverse) } : null;
}

/** One step done again, with what does it; null where none was taken back. */
export function redone({
  done,
  undone: ahead,
}: History): { readonly history: History; readonly patches: readonly Patch[] } | null {
  const [next, ...after] = ahead;
  return next ? { history: { done: [next, ...done], undone: after }, patches: next } : null;
}

/** Where a step worked: the place all of it stands in. */
export function placeOfStep(patches: readonly Patch[]): Path {
  const [first, ...others] = patches.map(({ path }) => path);
  return (first ?? []).filter((step, i) =>
    others.every((path) => path.slice(0, i + 1).join() === (first ?? []).slice(0, i + 1).join() && path[i] === step),
  );
}

/** Classes of the shop's own, kept as typed. A bike that has taken one keeps it as it was then. */
import { type ClassRule } from "@/core/law";
import { readClass, typedFrom, type ClassField } from "@/core/law/ownClass";
import type { OwnClass } from "@/core/book/rows";
import { writtenBy } from "@/core/book/writes";
import { copyId } from "./copy";
import { db, type OddSpokeDatabase } from "./db";
import { newId } from "./newId";
import { sayWritten } from "./failures";
import { CLASS_LAID_BY, laidBy } from "./tab";

/** Every class of the shop's own, whole or not, in the order they were begun. */
export const ownClasses = async (database: OddSpokeDatabase = db): Promise<readonly OwnClass[]> =>
  (await database.classes.toArray()).sort((a, b) => a.begunAt.localeCompare(b.begunAt));

/** Those of them a bike can leave in. */
export const wholeClasses = (own: readonly OwnClass[]): readonly ClassRule[] =>
  own.flatMap(({ id, typed }) => {
    const reading = readClass(id, typed);
    return reading.ok ? [reading.rule] : [];
  });

/** Begins a class: empty, or from one that is known. */
export async function addClass(from: ClassRule | null, database: OddSpokeDatabase = db): Promise<OwnClass> {
  const own: OwnClass = {
    id: `own-${newId()}`,
    typed: from ? typedFrom(from) : {},
    begunAt: new Date().toISOString(),
    writes: writtenBy(copyId(), {}),
  };
  await database.classes.add(own);
  return own;
}

/**
 * Keeps what is typed in one field of a class. It is laid by until it is written: the tab may go at any moment.
 * @throws Error when the write fails
 */
export async function typeClass(
  id: string,
  field: ClassField,
  typed: string,
  database: OddSpokeDatabase = db,
): Promise<void> {
  const name = `${CLASS_LAID_BY}${id} ${field}`;
  localStorage.setItem(name, typed);
  try {
    await database.classes
      .where("id")
      .equals(id)
      .modify((own, place) => {
        place.value = {
          ...own,
          typed: { ...own.typed, [field]: typed },
          writes: writtenBy(copyId(), own.writes),
        };
      });
    sayWritten("class", id, null);
  } catch (error) {
    sayWritten("class", id, error);
    throw error;
  }
  // Typed on meanwhile: that is written by its own turn.
  if (localStorage.getItem(name) === typed) localStorage.removeItem(name);
}

/** Writes what was laid by when a tab went. */
export async function takeClassesUp(database: OddSpokeDatabase = db): Promise<void> {
  for (const name of laidBy(CLASS_LAID_BY)) {
    const [id = "", field = ""] = name.slice(CLASS_LAID_BY.length).split(" ");
    await typeClass(id, field as ClassField, localStorage.getItem(name) ?? "", database);
  }
}

/** Takes a class out; the bikes that took it keep it. */
export async function removeClass(id: string, database: OddSpokeDatabase = db): Promise<OwnClass | null> {
  const own = (await database.classes.get(id)) ?? null;
  await database.classes.delete(id);
  return own;
}

export const restoreClass = async (own: OwnClass, database: OddSpokeDatabase = db): Promise<void> =>
  void (await database.classes.put(own));

/**
 * A folder the shop has chosen, where a back-up is written by itself after each bike that leaves. Browsers that give no
 * page a folder have none; there, back-ups are written by hand.
 */
import Dexie, { type EntityTable } from "dexie";
import type { Packer } from "@/core/book/packing";
import { writeBackup } from "./backup";
import { noteBackup } from "./lastBackup";

interface KeptFolder {
  readonly key: "folder";
  readonly handle: FileSystemDirectoryHandle;
}

/** Apart from the book: a folder is of this browser, and goes into no back-up. */
const places = new Dexie("odd-spoke-folder") as Dexie & { readonly folders: EntityTable<KeptFolder, "key"> };
places.version(1).stores({ folders: "key" });

interface MayAsk {
  readonly queryPermission?: (how: { mode: "readwrite" }) => Promise<PermissionState>;
  readonly requestPermission?: (how: { mode: "readwrite" }) => Promise<PermissionState>;
}
interface MayPick {
  readonly showDirectoryPicker?: (how: { mode: "readwrite"; id: string }) => Promise<FileSystemDirectoryHandle>;
}

export type Folder =
  /** The browser gives no page a folder. */
  | { readonly kind: "cannot" }
  | { readonly kind: "none" }
  /** Chosen; the browser wants to be asked again before anything is written there. */
  | { readonly kind: "asks"; readonly name: string }
  | { readonly kind: "ready"; readonly name: string };

const picker = () => (window as unknown as MayPick).showDirectoryPicker;
const kept = async (): Promise<FileSystemDirectoryHandle | null> =>
  (await places.folders.get("folder"))?.handle ?? null;

async function isAllowed(handle: FileSystemDirectoryHandle): Promise<boolean> {
  const { queryPermission } = handle as unknown as MayAsk;
  return !queryPermission || (await queryPermission.call(handle, { mode: "readwrite" })) === "granted";
}

/** The folder as it stands. */
export async function folderNow(): Promise<Folder> {
  if (!picker()) return { kind: "cannot" };
  const handle = await kept();
  if (!handle) return { kind: "none" };
  return { kind: (await isAllowed(handle)) ? "ready" : "asks", name: handle.name };
}

/** Lets a folder be chosen; null where somebody thought better of it. Called from a press of a button only. */
export async function chooseFolder(): Promise<Folder | null> {
  try {
    const handle = await picker()?.({ mode: "readwrite", id: "odd-spoke" });
    if (handle) await places.folders.put({ key: "folder", handle });
    return await folderNow();
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") return null;
    throw error;
  }
}

/** Asks the browser again for the folder that was chosen. Called from a press of a button only. */
export async function askAgain(): Promise<Folder> {
  const handle = await kept();
  await (handle as unknown as MayAsk | null)?.requestPermission?.({ mode: "readwrite" });
  return folderNow();
}

/** Gives the folder up; what was written there stays. */
export const forgetFolder = async (): Promise<void> => places.folders.delete("folder");

/** Back-ups kept in the folder: the newest of them; older ones of ours are taken away. */
const KEPT = 10;
const OURS = /^odd-spoke-book-.*\.zip$/;

async function dropOld(handle: FileSystemDirectoryHandle): Promise<void> {
  const names: string[] = [];
  const inside = handle as unknown as { readonly keys: () => AsyncIterable<string> };
  for await (const name of inside.keys()) if (OURS.test(name)) names.push(name);
  for (const name of names.sort().slice(0, -KEPT)) await handle.removeEntry(name);
}

/**
 * Writes a back-up into the folder, whole or not at all: it is written beside and put in place at its end.
 * @returns what the file is called; null where there is no folder, or the browser wants to be asked again
 */
export async function backupToFolder(packer: Packer, nameOf: (madeAt: string) => string): Promise<string | null> {
  const handle = await kept();
  if (!handle || !picker() || !(await isAllowed(handle))) return null;
  const { file, madeAt } = await writeBackup(packer);
  const name = nameOf(madeAt);
  const writing = await (await handle.getFileHandle(name, { create: true })).createWritable();
  await writing.write(file);
  await writing.close();
  await noteBackup(madeAt);
  await dropOld(handle);
  return name;
}

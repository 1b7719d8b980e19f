"use client";

/** Hands a file to the browser to be saved. Nothing leaves the machine. */
export function saveBlob(fileName: string, file: Blob): void {
  const url = URL.createObjectURL(file);
  const link = document.createElement("a");
  link.href = url;
  link.download = fileName;
  link.click();
  // A large file is still being read when the click returns.
  setTimeout(() => URL.revokeObjectURL(url), RELEASE_AFTER_MS);
}

const RELEASE_AFTER_MS = 60_000;

/** Hands a text to the browser to be saved as a file. */
export const saveText = (fileName: string, text: string, type: string): void =>
  saveBlob(fileName, new Blob([text], { type }));

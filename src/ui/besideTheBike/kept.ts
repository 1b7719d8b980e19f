/** What this device keeps of its own, as a text by name: every window of it sees a change at once. */
const listeners = new Set<() => void>();

export function watchKept(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
}

const keptText = (name: string): string | null => localStorage.getItem(name);

/** Keeps a text, or forgets it. A device that keeps nothing goes on without. */
export function keepText(name: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(name);
    else localStorage.setItem(name, text);
  } catch {
    // No room, or none allowed: what was chosen holds for nothing but this page then.
  }
  listeners.forEach((listener) => listener());
}

/** Something read from a kept text, the same object while the text is the same. */
export function reader<T>(name: string, read: (text: string | null) => T): () => T {
  let last: { readonly text: string | null; readonly value: T } | null = null;
  return () => {
    const text = keptText(name);
    if (last === null || last.text !== text) last = { text, value: read(text) };
    return last.value;
  };
}

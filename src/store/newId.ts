/** An id nothing else has. */
export const newId = (): string => crypto.randomUUID?.() ?? `id-${Date.now()}-${Math.floor(Math.random() * 1e9)}`;

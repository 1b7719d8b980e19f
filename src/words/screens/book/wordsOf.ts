// The words of screens/book/wordsOf.
export const severities = { breach: "breach", caution: "caution", unknown: "unknown", note: "note" } as const;

/**
 * What the framework asks of `process` in a browser: its environment, which is empty. In the place of an imitation of
 * the whole of it, most of a kilobyte on every page.
 */
export const env: Readonly<Record<string, string | undefined>> = {};

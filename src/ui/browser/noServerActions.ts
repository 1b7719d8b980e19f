/**
 * In the place of what the framework does for functions that run on a server, 4 kB on every page: here there are none,
 * everything happens in the browser.
 */
export function serverActionReducer(): never {
  throw new Error("no server to call");
}

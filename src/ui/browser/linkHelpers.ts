/**
 * What a link asks of the framework's helpers for pages of the old kind, of which there are none here. In the place of
 * those, 1 kB on every page; held against them in `linkHelpers.test.ts`.
 */
const SCHEME = /^[a-zA-Z][a-zA-Z\d+\-.]*?:/;

export const isAbsoluteUrl = (url: string): boolean => SCHEME.test(url);
export const getLocationOrigin = (): string => window.location.origin;
/** Every link here is a text. */
export const formatUrl = (url: unknown): string => String(url);

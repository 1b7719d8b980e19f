/**
 * A recorded ride on its way to the bike it was ridden on: held by this page from where it was opened to where it is
 * read. Nothing of it is kept.
 */
let inHand: { readonly bike: string; readonly file: File } | null = null;

export const holdTrack = (bike: string, file: File): void => {
  inHand = { bike, file };
};

/** The ride that waits for a bike, once; null where there is none. */
export function takeTrack(bike: string): File | null {
  if (inHand?.bike !== bike) return null;
  const { file } = inHand;
  inHand = null;
  return file;
}

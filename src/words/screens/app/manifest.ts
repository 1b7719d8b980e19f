// The words of app/manifest.
export const oddSpoke = "Odd Spoke";
export const whatItIs = "Fit the kit, set the display, prove it, and keep the book.";

// The words of screens/shell/NoStorage.
export const thisBrowserKeepsNothing = "This browser keeps nothing";
export const bikesAreKeptIn =
  "Bikes are kept in the browser, and it gives no place for them: a private window, storage switched off for " +
  "this address, or a full disk. Open it in a usual window, allow storage, or make room; then reload.";
export const anotherTabIsIn = "Another tab is in the way";
export const anOlderVersionOf =
  "An older version of this page is open in another tab or window and holds the data. Close it, or reload it; " +
  "this page goes on by itself.";
export const theDataIsOf = "The data is of a newer version";
export const aNewerVersionOf =
  "A newer version of this page has been used in this browser. Reload to get it. Nothing was changed.";
export const aNewerVersionIs = "A newer version is open in another tab";
export const itHasBroughtThe = "It has brought the data up. Reload this page to go on here. What was typed is kept.";
export const reload = "Reload";

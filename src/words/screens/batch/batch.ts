// The words of screens/batch/Batch.
export const aBatch = "Batch";
export const noSuchBatch = "No bike of such a batch is in this book.";
export const toTheBatches = "To the batches";
export const backToBatches = "Batches";
export const ofBikes = (gone: number, proven: number, all: number) =>
  `${all === 1 ? "One bike" : `${all} bikes`}, ${proven} read back as planned, ${gone} handed over`;
export const sheetFrom = (number: string, nickname: string) => `Sheet of ${number} ${nickname}`.trim();
export const next = (name: string, deed: string) => `${name}: ${deed}`;
export const allDone = "Every bike has left.";
export const handOver = (n: number) => (n === 1 ? "Hand over the one that is proven" : `Hand over the ${n} proven`);
export const handedOver = (n: number) => (n === 1 ? "One bike handed over." : `${n} bikes handed over.`);
export const wasHandedOver = "handed over";
export const paper = "The batch paper";
export const addBikes = "Add bikes";
export const notNow = "Not now";
export const add = "Add them";
export const added = (n: number) => (n === 1 ? "One bike added." : `${n} bikes added.`);
export const rename = "Call it otherwise";
export const keepName = "Keep the name";
export const renamed = "renamed";
export const renamedTo = (to: string) => `Called ${to} now.`;
export const theOnesAdded = "the bikes added";

// The words of screens/job/UseReading.
export const thatIs = "That is ";
export const charactersUpTo = " characters; up to ";
export const areReadAtOnce = " are read at once. Paste it in parts: nothing of it was taken.";
export const readingStoppedChangeThe = "Reading stopped. Change the text to read it again.";
export const readSoFar = "Read so far";
export const useReadingRead = (math: number) => `${math} % read`;
export const stop = "Stop";

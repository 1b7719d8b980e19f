export const theQuestion = "The question";
export const itShows = (seen: string) => `It shows ${seen}`;
export const doneNext = "Done, next";
export const somethingElse = "It shows something else";
export const ifItHasClosed = "If it has closed by itself, first:";
export const times = (n: number) => `×${n}`;
export const thenDo = ", then ";

// The words of screens/program/Hands.
export const space = "space";
export const waitForTheKeys = "Wait for the keys";
export const itShowsSomethingElse = "It shows something else";
export const whatItMayShow = "What it may show instead: one tap and the card goes on from there";
export const orOneTap = "Or one tap:";

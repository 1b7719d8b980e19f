// The words of screens/program/KeyCard.
export const newBikeKeysOf = (nickname: undefined | string) => `${nickname || "New bike"}, keys of the bike`;
export const doneLineIsUp = (code: string) => `Done, line ${code} is up`;
export const theSameKeysOn = (name: string) => `The same keys on a simulated ${name}`;
export const keysSetAside = "keys set aside";
export const keysSetAsideThe = "Keys set aside. The sealed sheets stay in the record.";
export const oneStepBack = "One step back";
export const rehearseFromHere = "Rehearse from here";
export const setTheKeysAside = "Set the keys aside";
export const doneBlinks = (shows: string) => `Done, ${shows} blinks`;
export const doneItShows = (shows: string) => `Done, it shows ${shows}`;
export const doneItIsDark = "Done, it is dark";
export const done = "Done";
export const bikeKeysDone = (view: string) => `Done, ${view}`;
export const soundVoiceAndHands = "Sound, voice and hands";

// The words of screens/as-found/Guided.
import * as caution from "../../cautions";

export const nextLine = "Next line";
export const showsNext = (usual: string) => `Shows ${usual}, next`;
export const back = "Back";
export const guidedLine = (code: string, lineNameSaid: string) => `Line ${code}, ${lineNameSaid}`;
export const readOnlyShows = "Read only: shows ";
export const whatLineShows = (code: string) => `What line ${code} shows`;
export const enterTakesTheMakers = (usual: string) =>
  `Enter takes the maker’s value${usual ? `, ${usual},` : ""} if nothing is typed.`;
export const thatIs = (meaning: string) => `That is: ${meaning}.`;
export const itCanShow = (choices: string) => `It can show ${choices}.`;
export const theKeysToThis = "The keys to this line from the home screen";
export const wheelClearOfThe = (keyNamesSaid: string) => `${caution.chord} ${keyNamesSaid} must go down together.`;
export const wheelClearOfTheFloor = "Wheel clear of the floor or brake held.";
export const workingThemOut = "Working them out …";
export const makersIsNotKnown = "The maker’s value is not known: type what it shows.";
export const somethingThatVaries = "something that varies";
export const enterTakesTheFirsts = (there: string) =>
  `Enter takes what the first of the batch showed, ${there}, if nothing is typed.`;
export const enterTakesWhatWeLeft = (left: string) => `Enter takes what we left, ${left}, if nothing is typed.`;

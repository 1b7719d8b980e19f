// The words of screens/job/TypedField.
import { plain } from "../../speak";

export const guessedUntilYouSay = (text: undefined | string, guess: string) =>
  `Guessed ${text ?? guess} until you say.`;
export const takenAs = (converted: number, unit: undefined | string, own: null | string) =>
  `Taken as ${plain(converted, 2)} ${unit ?? own ?? ""}.`;
export const typedFieldTakenAs = (name: string) => `Taken as ${name}.`;

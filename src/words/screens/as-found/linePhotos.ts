// The words of screens/as-found/LinePhotos.
import { count } from "../../speak";

export const isNotAPicture = (name: string) =>
  `${name} is not a picture this browser can read. A photo as JPEG or PNG would be.`;
export const thePhotoWasTaken = "The photo was taken away.";
export const photoOfLine = (code: string) => `Photo of line ${code}`;
export const photoWithThisBike = (allCount: number, kilobytes: number) =>
  `${count(allCount, "photo")} with this bike, ${kilobytes} kB in this browser`;
export const lineAsFound = (code: string) => `Line ${code} as found`;
export const takeAway = "take away";
export const thePictureCouldNot = "the picture could not be made small";

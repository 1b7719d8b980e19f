// The words of screens/intake/PrivateLand.
import * as caution from "../../cautions";
import { day } from "../../speak";

export const acknowledgedInWriting = "Acknowledged in writing";
export const whoseLandAndThat =
  "Whose land, and that it is not for public roads. It does not cure a law against tampering.";
export const writeWhoseLandIt = "Write whose land it is, before it is programmed.";
export const acknowledgedOn = (at: string) => `Written ${day(at)}.`;
export const goesBackTo = "Road class it goes back to";
export const chooseOne = "The way back is always kept ready: choose the class it was in, or is to be in on the road.";
export const decided =
  "Not for public roads. It is marked on the rack, on every paper and on the label, and does not cure a law " +
  `against tampering. ${caution.classChanged}`;

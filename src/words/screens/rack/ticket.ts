// The words of screens/rack/Ticket.
import type { SpeedUnit } from "@/core/units";
import { count, speed } from "../../speak";

export const nothingWrittenDownYet = "Nothing written down yet";
export const ticketOf = (stageName: string, stages: number, stagesCount: number) =>
  `${stageName}, ${stages + 1} of ${stagesCount}`;
export const lookAtIt = "Look at it";
export const intakeIsNotFinished = "Intake is not finished.";
export const sayWhatItIs = "Say what it is.";
export const goOnWithIntake = "Go on with intake";
export const brandNewOutOf = "Brand new, out-of-box values unproven. Not to be ridden until programmed.";
export const writeDownWhatIt = "Write down what it shows";
export const ofLinesWrittenDown = (foundCount: number, shownCount: number) =>
  `${foundCount} of ${shownCount} lines written down.`;
export const carryOnAt = (code: string) => `Carry on at ${code}`;
export const carryOn = "Carry on";
export const programmingHasBegunAnd = "Programming has begun and is not in force.";
export const goOnWithThe = "Go on with the keys";
export const programmedReadBackAnd = (due: number) => `Programmed. Read-back and ${count(due, "check")} due.`;
export const programmedReadBackDue = "Programmed. Read-back due.";
export const proveIt = "Prove it";
export const notReady = (finding: string) => `Not ready: ${finding}`;
export const handedOver = "Handed over.";
export const provenReadyToHand = "Proven. Ready to hand over.";
export const seeTheCards = "See the cards";
export const handItOver = "Hand it over";
export const lookAtLine = (text: string) => `Look at line ${text}`;
export const lookAtThePlan = "Look at the plan";
export const ticketSays = (complaint: string) => `Says: ${complaint}`;
export const oddLine = (odd: undefined | number) => `${count(odd ?? 0, "odd line")}.`;
export const trueCap = (nominal: number, unit: SpeedUnit) => `true cap ${speed(nominal, unit)}`;
export const capToBeMeasured = "cap to be measured";
export const notForPublicRoads = "not for public roads";
export const wayBackKept = "way back kept";
export const noFullBaseline = "no full baseline";
export const itsRecordCannotBe = (detail: string) =>
  `Its record cannot be read here (${detail}). Open it to save it as a file.`;
export const thisBikeCannotBe = "This bike cannot be shown";
export const openIt = "Open it";
export const cannotBeShown = "cannot be shown";

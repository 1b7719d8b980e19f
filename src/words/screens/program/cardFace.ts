// The words of screens/program/CardFace.
import { duration } from "../../speak";

export const keyCard = "Key card";
export const stepOf = (title: string, at: number, total: number) => `${title} · step ${at + 1} of ${total}`;
export const wheelClearOfThe = "Wheel clear of the floor, or brake held.";
export const wheelClearOfTheFloor = "Wheel clear of the floor.";
export const workingOutTheKeys = "Working out the keys from here …";
export const simulatedDisplay = "Simulated display";
export const next = "Next: ";
export const then = ", then ";
export const leftInAll = (personMs: number) => `About ${duration(personMs)} left in all.`;

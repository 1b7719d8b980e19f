/** Whether a bike is for private land only, what it lacks for that, and the road class kept when a class is taken. */
import type { ClassRule } from "../law";
import type { Job } from "./job";

type Choice = Job["classChoice"];

/** Whether a job’s bike is for private land only. */
export const isOffRoad = ({ classChoice }: Pick<Job, "classChoice">): boolean => classChoice.rule?.publicRoad === false;

/** The choice with a class taken. A road class given up for private land is the one to go back to. */
export const withClass = (choice: Choice, rule: ClassRule | null): Choice => ({
  ...choice,
  rule,
  acceptReading: false,
  acceptedKmh: "",
  ...(rule?.publicRoad === false && choice.rule?.publicRoad ? { roadClass: choice.rule } : {}),
});

/** What a bike for private land still lacks before its keys are pressed; nothing for a road class. */
export function lacksForPrivateLand({
  classChoice,
}: Pick<Job, "classChoice">): "acknowledgement" | "road-class" | null {
  if (classChoice.rule?.publicRoad !== false) return null;
  if (classChoice.acknowledged.trim() === "") return "acknowledgement";
  return classChoice.roadClass ? null : "road-class";
}

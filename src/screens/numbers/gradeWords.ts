import { plain } from "@/words";

/** A grade in per cent, with its sign. */
export const gradeWords = (grade: number): string => `${grade < 0 ? "−" : ""}${plain(100 * Math.abs(grade), 0)} %`;

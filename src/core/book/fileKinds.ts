/** What a file handed over is, by what stands in it and not by its name. */
import { FORMAT } from "../display/profile";
import { JOB_FORMAT } from "../record/format";

export type FileKind = "book" | "job" | "display" | "track" | "unknown";

/** First characters looked at: the formats name themselves at their start. */
export const HEAD_LENGTH = 4096;

/** Two letters every archive begins with. */
const ARCHIVE = "PK";

/** The kind of a file by its first characters. */
export function fileKind(head: string): FileKind {
  if (head.startsWith(ARCHIVE)) return "book";
  const names = (format: string) => new RegExp(`"format"\\s*:\\s*"${format}"`).exec(head)?.index ?? Infinity;
  // A job holds its display: the first name is the file's own.
  const [job, display] = [names(JOB_FORMAT), names(FORMAT)];
  if (job !== Infinity || display !== Infinity) return job < display ? "job" : "display";
  return /<gpx[\s>]/i.test(head) ? "track" : "unknown";
}

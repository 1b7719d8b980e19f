/** What the benches say: parts, notes, and why something gives nothing. Loaded with the bench that says it. */
import type { PackMismatch } from "@/core/battery/gauge";
import type { ChargerProblem } from "@/core/facts/series";
import type { ListProblem } from "@/core/facts/lists";
import type { CalibrationNote } from "@/core/wheel/calibration";
import type { GpxProblem } from "@/core/wheel/gpx";
import type { TrackProblem } from "@/core/wheel/track";
import type { SpeedUnit } from "@/core/units";
import { plain, speed } from "./speak";

/** One sentence for what a calibration noticed. */
export function calibrationNoteText(note: CalibrationNote, unit: SpeedUnit): string {
  switch (note.key) {
    case "calibration.few-runs":
      return `Only ${note.runs} ${note.runs === 1 ? "run" : "runs"}. ${note.good} or more are worth trusting.`;
    case "calibration.narrow-range":
      return (
        `The runs lie within ${speed(note.rangeKmh, unit)}. Spread them over ` + `${speed(note.goodKmh, unit)} or more.`
      );
    case "calibration.jumping":
      return (
        `One factor does not explain this: the runs scatter by ${speed(note.scatterKmh, unit)} where ` +
        `${speed(note.expectedKmh, unit)} would be usual. Look at the magnet and its gap first.`
      );
    case "calibration.offset":
      return (
        `An offset, not a factor: it shows ${note.offsetKmh > 0 ? "+" : "−"}${speed(Math.abs(note.offsetKmh), unit)} ` +
        "at every speed. Wheel and pulse lines cannot mend that."
      );
  }
}

/** What is wrong with a list as typed. */
export function listProblemText(problem: ListProblem): string {
  return problem.key === "list.not-a-pair"
    ? `Line ${problem.line}, “${problem.typed}”: give two speeds, true then shown, such as 20.1 22.3.`
    : `“${problem.typed}”: give numbers from ${problem.min} to ${problem.max}, parted by blanks.`;
}

/** Why a file or a track gives nothing. */
export function trackProblemText(problem: GpxProblem | TrackProblem): string {
  switch (problem.key) {
    case "gpx.not-xml":
      return `This is not a whole GPX file: ${problem.detail.replace(/^\d+:\d+:\s*/, "")}`;
    case "gpx.no-track":
      return "No track in this file. Export the recorded ride as GPX, with its track points.";
    case "gpx.too-large":
      return `The file is longer than ${plain(problem.most / 1e6, 0)} million characters. Cut it to one ride.`;
    case "track.too-few-fixes":
      return `Only ${problem.fixes} fixes. Ten at least, a kilometre better.`;
    case "track.no-times":
      return "The fixes carry no times. Record the ride with times, so that stops and bad fixes can be told.";
    case "track.never-moved":
      return "All fixes are of one place.";
  }
}

/** Why charger and pack cannot both be right. */
export function chargerProblemText(problem: ChargerProblem): string {
  if (problem.key === "charger.no-whole-cells")
    return (
      `No whole number of these cells charges to ${plain(problem.chargerV)} V. ` +
      "Check the label, and the cells’ kind."
    );
  return (
    `A charger of ${plain(problem.chargerV)} V is for ${problem.cells} cells in series; a ${plain(problem.packV)} ` +
    `V pack has ${problem.usual.join(" or ")}. Do not charge until you know which is wrong.`
  );
}

/** What a wrongly set pack does. */
export function mismatchText(mismatch: PackMismatch): string {
  switch (mismatch.key) {
    case "mismatch.gauge-always-full":
      return (
        `Set for ${mismatch.setV} V on a ${mismatch.packV} V pack: the gauge stays ` +
        "full until the pack is nearly empty."
      );
    case "mismatch.run-flat":
      return (
        `Where one line sets the cut-off too, it comes to ${plain(mismatch.setCutOffV)} V, under the ` +
        `${plain(mismatch.leastV)} V these cells bear. The pack can be run flat and destroyed.`
      );
    case "mismatch.early-cut":
      return (
        `Set for ${mismatch.setV} V on a ${mismatch.packV} V pack: the gauge reads empty, and it cuts out with ` +
        `${plain(100 * mismatch.chargeLeft, 0)} % still in the pack.`
      );
    case "mismatch.gauge-useless":
      return (
        "These cells hold nearly the same volts from 90 down to 20 %. A volt " +
        "gauge says next to nothing in between."
      );
  }
}

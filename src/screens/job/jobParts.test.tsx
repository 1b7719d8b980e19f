// Parts several stages share: a step that is blocked, and what becomes of values on another display.
import { describe, expect, it } from "vitest";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { BRACKEN } from "@/catalog/displays/bracken";
import { blockedBy, swapOutlook, withTyped, workOut, type Job } from "@/core/record";
import { FATE_WORDS } from "@/words/profiles";
import { demo } from "../testing/jobs";
import { rowsOf, says } from "../testing/says";
import { BlockedStep } from "./BlockedStep";
import { CarriedOver } from "./CarriedOver";
import { voiceOf } from "./voice";

const SNOWPLOUGH = demo(207);

function blocked(job: Job, step: "connect" | "full-pull"): string {
  const workings = workOut(job);
  const finding = blockedBy(step, workings.sheet?.inForce.findings);
  if (!finding) throw new Error("nothing blocks it");
  return says(<BlockedStep finding={finding} voice={voiceOf(workings)} />);
}

describe("a step that is blocked", () => {
  it("says which hazard blocks it, and what clears it", () => {
    const wrongPack = blocked(withTyped(SNOWPLOUGH, { in: "intake", name: "packV" }, "72"), "connect");
    expect(wrongPack).toContain("Not this step yet");
    expect(wrongPack).toContain("Do not connect it.");
    expect(wrongPack).toContain("or the right volts at intake");
    const low = blocked(withTyped(SNOWPLOUGH, { in: "as-found", name: "42" }, "30.0"), "full-pull");
    expect(low).toContain("Cells can be destroyed.");
    expect(low).toContain("Program the cut-off the plan sets");
    const volts = blocked(withTyped(SNOWPLOUGH, { in: "as-found", name: "43" }, "1"), "full-pull");
    expect(volts).toMatch(/Program the (pack’s own volts|cut-off)/);
  });
});

describe("values on another display", () => {
  it("are all there, each with its fate and why, the lost ones first", () => {
    for (const display of SHIPPED_DISPLAYS.filter(({ id }) => id !== SNOWPLOUGH.profile?.id)) {
      const outlook = swapOutlook(SNOWPLOUGH, display);
      if (!outlook) throw new Error("no outlook");
      const rows = [...rowsOf(<CarriedOver outlook={outlook} />)].slice(1);
      expect(rows, display.name).toHaveLength(outlook.settings.length);
      const fates = rows.map(([, cells]) => (cells.at(-1) ?? "").split("\n").find((word) => word.trim() !== "") ?? "");
      const isLost = fates.map((fate) => fate.includes(FATE_WORDS.lost));
      expect(isLost.lastIndexOf(true), display.name).toBeLessThan(Math.max(1, isLost.filter(Boolean).length));
    }
  });
  it("are counted by fate, and a lost one has no value to come", () => {
    const outlook = swapOutlook(SNOWPLOUGH, BRACKEN);
    if (!outlook) throw new Error("no outlook");
    const words = says(<CarriedOver outlook={outlook} />);
    for (const fate of ["kept", "lost", "gained", "rounded"] as const) {
      const n = outlook.settings.filter((row) => row.fate === fate).length;
      if (n > 0) expect(words).toContain(`${n} ${FATE_WORDS[fate]}`);
    }
    expect(
      rowsOf(<CarriedOver outlook={outlook} />)
        .get("Throttle")
        ?.slice(0, 2),
    ).toEqual(["off", "—"]);
  });
});

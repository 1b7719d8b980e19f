// A battery hazard blocks the one step in which the pack can be hurt, and nothing else.
import { describe, expect, it } from "vitest";
import { demo } from "@/screens/testing/jobs";
import { blockedBy } from "./blocked";
import type { Job } from "./job";
import { withTyped } from "./typed";
import { workOut } from "./workings";

const SNOWPLOUGH = demo(207);
const findings = (job: Job) => workOut(job).sheet?.inForce.findings;
const typed = (name: string, value: string, job = SNOWPLOUGH): Job => withTyped(job, { in: "intake", name }, value);
const found = (code: string, value: string): Job => withTyped(SNOWPLOUGH, { in: "as-found", name: code }, value);

describe("a step a battery hazard blocks", () => {
  it("is connecting a pack the controller does not take, and the full pull on it", () => {
    const wrong = findings(typed("packV", "72"));
    expect(blockedBy("connect", wrong)?.message.key).toBe("hazard.pack-not-taken");
    expect(blockedBy("full-pull", wrong)).not.toBeNull();
  });
  it("is only the full pull where the cut-off would run the pack flat", () => {
    const low = findings(found("42", "30.0"));
    expect(blockedBy("connect", low)).toBeNull();
    expect(blockedBy("full-pull", low)?.message.key).toBe("hazard.cut-off-too-low");
  });
  it("is none on a bike whose only breach is its cap, and none where nothing is known", () => {
    const over = findings(SNOWPLOUGH);
    expect(over?.some(({ severity }) => severity === "breach")).toBe(true);
    expect(blockedBy("connect", over)).toBeNull();
    expect(blockedBy("full-pull", over)).toBeNull();
    expect(blockedBy("connect", undefined)).toBeNull();
  });
});

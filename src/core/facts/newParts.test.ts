// Parts thought of: what each takes the place of, and what was measured of the one that goes.
import { describe, expect, it } from "vitest";
import { INTAKE_FIELDS } from "./intake";
import { changedByParts, NEW_PART_FIELDS, TAKES_PLACE_OF, withNewParts } from "./newParts";

const FITTED = {
  nickname: "Sallow",
  tyre: "47-622",
  rolloutMm: "2190",
  packV: "36",
  packAh: "13",
  series: "10",
  chargerV: "42",
  motorKind: "geared-hub",
  motorRatedW: "250",
  kvRpmPerV: "9",
  controllerA: "15",
  measuredSpeeds: "12 15 18",
};

describe("a part thought of", () => {
  it("takes the place of a fact the intake asks, and is asked as that fact is", () => {
    for (const [part, fact] of Object.entries(TAKES_PLACE_OF)) {
      const [asked, place] = [NEW_PART_FIELDS[part as keyof typeof TAKES_PLACE_OF], INTAKE_FIELDS[fact]];
      expect(asked.kind, part).toBe(place.kind);
      if (asked.kind === "number" && place.kind === "number") expect(asked.unit, part).toBe(place.unit);
    }
  });
  it("changes nothing while it is empty, blank or the same as what is fitted", () => {
    expect(changedByParts({ ...FITTED, newTyre: "", newPackV: "  ", newControllerA: " 15 " })).toEqual([]);
    const { nickname, ...others } = withNewParts({ ...FITTED, newTyre: " 47-622 " });
    expect(nickname).toBe("Sallow");
    expect(others).toMatchObject({ rolloutMm: "2190", measuredSpeeds: "12 15 18" });
  });
  it("takes with it what was measured of the one that goes, and leaves the rest", () => {
    const tyred = withNewParts({ ...FITTED, newTyre: "60-622" });
    expect(tyred).toMatchObject({ tyre: "60-622", packV: "36", kvRpmPerV: "9" });
    expect(tyred).not.toHaveProperty("rolloutMm");
    expect(tyred).not.toHaveProperty("measuredSpeeds");
    const packed = withNewParts({ ...FITTED, newPackV: "48", newPackAh: "14" });
    expect(packed).toMatchObject({ packV: "48", packAh: "14", rolloutMm: "2190" });
    for (const gone of ["series", "chargerV", "measuredSpeeds"]) expect(packed).not.toHaveProperty(gone);
  });
  it("of a pack alone leaves the motor the one it was made for; a new motor is made for the new pack", () => {
    expect(withNewParts({ ...FITTED, newPackV: "48" }).motorV).toBe("36");
    expect(withNewParts({ ...FITTED, motorV: "24", newPackV: "48" }).motorV).toBe("24");
    expect(withNewParts({ ...FITTED, newPackV: "48", newMotorRatedW: "500" })).not.toHaveProperty("motorV");
    expect(withNewParts({ ...FITTED, newMotorRatedW: "500" })).not.toHaveProperty("kvRpmPerV");
  });
  it("is gone from among the parts once it is fitted, with what was asked of fit and cost", () => {
    const typed = {
      ...FITTED,
      newTyre: "60-622",
      newDisplay: "lathe-60",
      plugFits: "yes",
      partCost: "90",
      partGain: "grip",
    };
    expect(Object.keys(withNewParts(typed)).filter((key) => key in NEW_PART_FIELDS)).toEqual([]);
  });
});

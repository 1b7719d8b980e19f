import { describe, expect, it } from "vitest";
import { lineAsSaid, lineFromLeaflet, newProfile } from "./draft";
import { readAs, readLeaflet } from "./leaflet";
import { takenInto, withTaken } from "./taking";

const linesOf = (text: string) => readLeaflet(text).lines.map(lineFromLeaflet);

const FIRST = "a1: Screen brightness 1-5\na2: Speed limit 10-45 km/h, default 25\na3: something 0-9";
const SECOND =
  "a1: Screen brightness 1-5, default 3\na2: Limit of speed 15-40 km/h, default 25\na4: Cruise 0 off, 1 on, default 0";

describe("lines taken from a text", () => {
  it("begin a display nobody has said anything of", () =>
    expect(takenInto(newProfile("own", "New").lines, linesOf(FIRST)).map(({ code }) => code)).toEqual([
      "a1",
      "a2",
      "a3",
    ]));
  it("taken twice are the same", () => {
    const once = takenInto([], linesOf(FIRST));
    expect(takenInto(once, linesOf(FIRST))).toEqual(once);
  });
  it("of a second text fill what the first left open, and change nothing it said", () => {
    const both = takenInto(takenInto([], linesOf(FIRST)), linesOf(SECOND));
    expect(both.map(({ code }) => code)).toEqual(["a1", "a2", "a3", "a4"]);
    expect(both[0]).toMatchObject({ factoryRaw: 3, encoding: { rawMin: 1, rawMax: 5 } });
    expect(both[1]).toMatchObject({ encoding: { rawMin: 10, rawMax: 45 } });
    expect(both[1]?.claims).toHaveLength(2);
  });
  it("keep what was changed by hand since", () => {
    const [light, ...rest] = takenInto([], linesOf(FIRST));
    if (!light) throw new Error("no line");
    const own = { ...light, note: "stiff key", encoding: { ...light.encoding, rawMax: 8 } as typeof light.encoding };
    expect(takenInto([own, ...rest], linesOf(FIRST))[0]).toMatchObject({ note: "stiff key", encoding: { rawMax: 8 } });
  });
  it("give a line its meaning that had none, and another where the technician says so", () => {
    const once = takenInto([], linesOf(FIRST));
    const [, , third] = readLeaflet(FIRST).lines;
    if (!third) throw new Error("no line");
    const said = lineAsSaid(readAs(third, "backlight"));
    expect(takenInto(once, [said])[2]).toMatchObject({ encoding: { setting: "backlight", rawMin: 0, rawMax: 9 } });
    const changed = takenInto(takenInto(once, [said]), [lineAsSaid(readAs(third, "lightSensor"))]);
    expect(changed[2]).toMatchObject({ encoding: { setting: "lightSensor" } });
    expect(changed[2]?.claims).toHaveLength(1);
  });
});

describe("a text taken into a display", () => {
  const TEXT =
    "a1: Screen brightness 1-5\na2: Factory reset, hold 5 s\na3: Walk assist 0 no 1 yes, only if a1 is 2\na4: Ramp 1-5";
  const reads = readLeaflet(TEXT).lines.map((read) => ({ read, isSaid: false }));
  const taken = withTaken(newProfile("own", "New"), reads);
  const entries = taken.profile.menu.pages[0]?.entries ?? [];
  it("puts an action behind the line told before it, and makes no line of it", () => {
    expect(entries.map((entry) => [entry.kind, entry.kind === "line" ? entry.line : ""])).toEqual([
      ["line", "a1"],
      ["action", ""],
      ["line", "a3"],
      ["line", "a4"],
    ]);
    expect(entries[1]).toMatchObject({ code: "a2", action: "restore", asks: "nothing" });
    expect(taken).toMatchObject({ added: 3, known: 0, actions: 1 });
  });
  it("keeps a condition as the line's note", () =>
    expect(taken.profile.lines.map(({ note }) => note)).toEqual([null, "only if a1 is 2", null]));
  it("twice puts nothing there twice", () => {
    const again = withTaken(taken.profile, reads);
    expect(again.profile).toEqual(taken.profile);
    expect(again).toMatchObject({ added: 0, known: 3, actions: 0 });
  });
  it("makes a line of an action where the technician says that it sets something", () => {
    const said = reads.map(({ read }) =>
      read.code === "a2" ? { read: readAs(read, "cruiseOn"), isSaid: true } : { read, isSaid: false },
    );
    expect(withTaken(newProfile("own", "New"), said).actions).toBe(0);
  });
});

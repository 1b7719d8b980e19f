// The menu machine on every kind of menu, each on the shipped display that shows it.
import { describe, expect, it } from "vitest";
import { BRACKEN } from "@/catalog/displays/bracken";
import { OSTLER } from "@/catalog/displays/ostler";
import { PINFOLD } from "@/catalog/displays/pinfold";
import { QUILLON } from "@/catalog/displays/quillon";
import { SKERRY } from "@/catalog/displays/skerry";
import { WINDROW } from "@/catalog/displays/windrow";
import { atHome, dangerOf, elapse, stepDigit, switchedOff } from ".";
import { standInRaws, lineIndex } from "./profile";
import { hand } from "./testingHand";

describe("double taps", () => {
  it("open the menu, and a single tap of the same key waits to see whether a second follows", () => {
    expect(hand(SKERRY).twice("dot").view).toMatchObject({ kind: "entry", code: "Screen" });
    const single = hand(SKERRY).tap("dot");
    expect(single.view).toMatchObject({ kind: "home", info: "trip" });
    expect(single.wait(450).view).toMatchObject({ kind: "home", info: "brightness" });
  });
  it("two taps too far apart are two single taps", () => {
    expect(hand(SKERRY).tap("dot").wait(500).tap("dot").wait(500).view).toMatchObject({ kind: "home", info: "trip" });
  });
  it("another key in between settles the first tap", () => {
    expect(hand(SKERRY).tap("dot").tap("up").state).toMatchObject({ info: 1, brightness: 1 });
  });
  it("throw everything away from anywhere in the menu", () => {
    const quillon = hand(QUILLON).hold(1700, "near", "far").tap("far").tap("plus");
    expect(quillon.pending("1-2")).toBe(3);
    expect(quillon.twice("plus", "minus").view.kind).toBe("home");
    expect(quillon.saved("1-2")).toBe(2);
  });
});

describe("only while the wheel is still", () => {
  it("keeps the menu shut", () =>
    expect(hand(SKERRY, { ...atHome(SKERRY, standInRaws(SKERRY)), wheelTurns: true }).twice("dot").view.kind).toBe(
      "home",
    ));
});

describe("an access code", () => {
  const atCode = () => hand(BRACKEN).hold(2300, "hook", "bar");
  const enter = (digits: readonly number[]) =>
    digits.reduce(
      (who, digit) =>
        Array.from({ length: digit })
          .reduce<ReturnType<typeof hand>>((now) => now.tap("hook"), who)
          .tap("bar"),
      atCode(),
    );
  it("asks digit by digit, opens on the right one and leads home on a wrong one", () => {
    expect(atCode().view).toEqual({ kind: "code", shows: "000", at: 0 });
    expect(enter([7, 4, 2]).view).toMatchObject({ kind: "line", code: "n0" });
    expect(enter([7, 4, 3]).view.kind).toBe("home");
  });
  it("gives up by itself", () => expect(atCode().wait(12_000).view.kind).toBe("home"));
});

describe("lines that come and go", () => {
  const opened = (levels: number) => {
    const start = atHome(BRACKEN, standInRaws(BRACKEN).with(lineIndex(BRACKEN, "n1"), levels));
    return hand(BRACKEN, { ...start, screen: { kind: "menu", page: 0, at: 1, draft: null } });
  };
  it("as many shares are in the ring as there are levels", () => {
    const codes = (levels: number) => {
      const who = opened(levels);
      const seen: string[] = [];
      for (let i = 0; i < 12; i++) {
        who.tap("bar");
        if (who.view.kind === "line") seen.push(who.view.code);
      }
      return seen.filter((code) => code.startsWith("s")).length;
    };
    expect(codes(0)).toBe(3);
    expect(codes(1)).toBe(5);
    expect(codes(2)).toBe(9);
  });
  it("follow the value while it is still pending", () =>
    expect(opened(0).tap("hook").tap("bar").tap("bar").tap("bar").tap("bar").view).toMatchObject({ code: "s4" }));
});

describe("saving", () => {
  it("line by line: kept when the line is left, and what is in hand is kept when the menu closes", () => {
    const who = hand(BRACKEN, {
      ...atHome(BRACKEN, standInRaws(BRACKEN)),
      screen: { kind: "menu", page: 0, at: 0, draft: null },
    });
    who.tap("hook");
    expect(who.saved("n0")).toBe(1);
    who.tap("bar");
    expect(who.saved("n0")).toBe(0);
    who.tap("hook").wait(12_000);
    expect(who.saved("n1")).toBe(2);
  });
  it("at each change, once confirmed; a blinking value is dropped when the menu closes or is backed out of", () => {
    const open = () => hand(SKERRY).twice("dot").tap("dot").tap("down").tap("dot");
    expect(open().view).toMatchObject({ kind: "line", code: "Brightness", shows: "3", blinks: true });
    const changed = open().tap("up");
    expect(changed.view).toMatchObject({ shows: "4", blinks: true });
    expect(changed.saved("Brightness")).toBe(3);
    expect(changed.tap("dot").saved("Brightness")).toBe(4);
    expect(open().tap("up").wait(15_000).saved("Brightness")).toBe(3);
    expect(open().tap("up").hold(1000, "dot").view).toMatchObject({ shows: "3", blinks: false });
  });
  it("together by an exit line, or not at all by another", () => {
    const riders = () => hand(QUILLON).hold(1700, "near", "far").tap("plus");
    expect(riders().tap("far").tap("far").tap("far").tap("far").hold(1600, "far").saved("1-1")).toBe(1);
    const fitters = riders().hold(2700, "near", "far").tap("plus");
    for (let i = 0; i < 9; i++) fitters.tap("far");
    expect(fitters.view).toMatchObject({ kind: "entry", does: "exit" });
    expect(fitters.hold(1600, "far").saved("2-1")).toBe(20);
  });
});

describe("pages", () => {
  it("groups open, go back to where they were left, and stop at their ends", () => {
    const who = hand(SKERRY).twice("dot").tap("up");
    expect(who.view).toMatchObject({ code: "Screen" });
    who.tap("down").tap("dot").tap("down").tap("down").tap("dot");
    expect(who.view).toMatchObject({ kind: "line", page: "Supply", code: "Battery" });
    expect(who.hold(1000, "dot").view).toMatchObject({ kind: "entry", page: "Bike", code: "Supply" });
  });
  it("some open where they were left", () => {
    const who = hand(SKERRY).twice("dot").tap("down").tap("down").tap("dot").tap("down").tap("down").hold(1000, "dot");
    expect(who.view).toMatchObject({ code: "Help" });
    expect(who.tap("dot").view).toMatchObject({ code: "Wakes in" });
  });
  it("a second chord inside the first menu opens the next bank, and only there", () => {
    expect(hand(QUILLON).hold(1700, "near", "far").hold(2700, "near", "far").view).toMatchObject({ code: "2-1" });
    expect(hand(QUILLON).hold(2700, "near", "far").view).toMatchObject({ code: "1-1" });
  });
  it("a procedure with levers held through power-on opens the makers' bank", () => {
    const off = switchedOff(QUILLON, standInRaws(QUILLON));
    expect(hand(QUILLON, off).hold(8100, "near", "brake", "grip").view).toMatchObject({ code: "3-1" });
    expect(hand(QUILLON, off).hold(7000, "near", "brake", "grip").view.kind).toBe("off");
    expect(hand(QUILLON, off).hold(12_100, "near", "brake", "crank").state.done).toEqual(["restore"]);
  });
});

describe("digits", () => {
  it("one key steps the ones, another the tens, and numbers the line does not have are passed over", () => {
    const cap = lineIndex(OSTLER, "110");
    expect(stepDigit(OSTLER, cap, 25, 0)).toBe(26);
    expect(stepDigit(OSTLER, cap, 29, 0)).toBe(20);
    expect(stepDigit(OSTLER, cap, 58, 1)).toBe(8);
    expect(stepDigit(OSTLER, cap, 60, 0)).toBe(60);
  });
  it("hundreds by a hold of the same key", () => {
    const who = hand(PINFOLD).hold(2600, "c", "d").tap("c").tap("c").tap("c");
    expect(who.view).toMatchObject({ code: "q3", shows: "30.0" });
    expect(who.hold(700, "a").view).toMatchObject({ shows: "40.0" });
  });
});

describe("the same chord at another time", () => {
  const cycled = () => hand(OSTLER).hold(2100, "mid").hold(1600, "mid");
  it("opens the settings soon after power-on", () =>
    expect(cycled().hold(2100, "left", "right").view).toMatchObject({ code: "101" }));
  it("restores everything later", () => {
    const raws = standInRaws(OSTLER).with(lineIndex(OSTLER, "215"), 36);
    const late = hand(OSTLER, atHome(OSTLER, raws)).hold(2100, "left", "right");
    expect(late.state.done).toEqual(["restore"]);
    expect(late.saved("215")).toBe(48);
    expect(late.view.kind).toBe("home");
  });
  it("is told by when the keys went down, not when they came up", () =>
    expect(cycled().wait(5000).hold(2100, "left", "right").view.kind).toBe("line"));
});

describe("actions", () => {
  const keep = () => hand(WINDROW).hold(1600, "west").tap("north").tap("east");
  it("a question starts on no, and only yes does it", () => {
    const asked = keep().tap("north").tap("north").tap("press");
    expect(asked.view).toMatchObject({ kind: "confirm", shows: "NO" });
    expect(asked.tap("press").state.done).toEqual([]);
    expect(asked.tap("press").tap("north").tap("press").state.done).toEqual(["restore"]);
  });
  it("a pattern is answered by the same key, or left", () => {
    const pattern = () => keep().tap("north").tap("north").tap("north").tap("press");
    expect(pattern().view).toMatchObject({ kind: "confirm", shows: "= = =" });
    expect(pattern().tap("west").state.done).toEqual([]);
    expect(pattern().tap("press").state.done).toEqual(["clear-odometer"]);
  });
  it("a PIN is asked twice, locks the next start, and opens to nothing else", () => {
    const setting = keep().tap("south").tap("south").tap("south").tap("press");
    const enter = (who: ReturnType<typeof hand>, first: number) => {
      for (let i = 0; i < first; i++) who.tap("north");
      return who.tap("east").tap("east").tap("east").tap("east");
    };
    enter(enter(setting, 3), 3);
    expect(setting.state).toMatchObject({ pin: "3000", done: ["set-pin"] });
    const restarted = setting.wait(20_000).hold(2700, "press").hold(1500, "press");
    expect(restarted.view).toMatchObject({ kind: "code", shows: "0000" });
    expect(enter(restarted, 1).view.kind).toBe("code");
    expect(enter(restarted, 3).view.kind).toBe("home");
  });
  it("the second time another PIN sets none", () => {
    const setting = keep().tap("south").tap("south").tap("south").tap("press");
    setting
      .tap("north")
      .tap("east")
      .tap("east")
      .tap("east")
      .tap("east")
      .tap("east")
      .tap("east")
      .tap("east")
      .tap("east");
    expect(setting.state.pin).toBeNull();
  });
  it("a hold clears only on the line that is meant", () => {
    const who = hand(PINFOLD).hold(2600, "c", "d");
    expect(who.hold(1000, "b").state.done).toEqual([]);
    expect(who.tap("d").tap("d").hold(1000, "b").state.done).toEqual(["clear-trip"]);
  });
});

describe("the home screen", () => {
  it("hazard lamp, monitor, cruise in and out", () => {
    expect(hand(WINDROW).tap("north", "south").state.hazardOn).toBe(true);
    const monitor = hand(WINDROW).hold(1600, "east");
    expect(monitor.view.kind).toBe("monitor");
    expect(monitor.tap("west").view.kind).toBe("home");
    expect(hand(WINDROW).hold(1600, "east").wait(20_000).view.kind).toBe("home");
    const cruising = hand(OSTLER).hold(1900, "right");
    expect(cruising.state.cruising).toBe(true);
    expect(cruising.hold(1300, "left").state.cruising).toBe(false);
    expect(hand(OSTLER).hold(1900, "right").tap("left").state.cruising).toBe(false);
  });
  it("brightness stepped by hand lasts until power-off", () => {
    const who = hand(SKERRY).tap("dot").wait(500).tap("up").tap("up");
    expect(who.state.brightness).toBe(2);
    expect(who.hold(2500, "dot").hold(1000, "dot").state.brightness).toBe(0);
  });
  it("dangerous deeds are known by name", () => {
    expect(dangerOf({ kind: "start-cruise" })).toBe("bike-moves");
    expect(dangerOf({ kind: "run-action", action: "restore", asks: "nothing" })).toBe("erases-settings");
    expect(dangerOf({ kind: "run-action", action: "clear-trip", asks: "nothing" })).toBeNull();
  });
  it("time passes for a display that is on, and stands still in the dark", () => {
    expect(elapse(OSTLER, { ...atHome(OSTLER, standInRaws(OSTLER)), sincePowerOnMs: 0 }, 1234).sincePowerOnMs).toBe(
      1234,
    );
    expect(
      elapse(OSTLER, { ...switchedOff(OSTLER, standInRaws(OSTLER)), sincePowerOnMs: 5 }, 1234).sincePowerOnMs,
    ).toBe(5);
  });
});

// Which bikes the finder's words name, of all in the book.
import { describe, expect, it } from "vitest";
import { newJob, withTyped } from "../record";
import { entryOf } from "./entry";
import { namedIn } from "./namedIn";

const named = (number: number, nickname: string, frame: string) =>
  entryOf(
    withTyped(
      withTyped(newJob(`job-${number}`, number, "2026-01-01T00:00:00.000Z"), { in: "intake", name: "frame" }, frame),
      { in: "intake", name: "nickname" },
      nickname,
    ),
  );
const BOOK = [named(12, "Herd 4", "cargo"), named(13, "Herd 42", "folder"), named(420, "Ferry Goat", "26 × 4")];
const find = (typed: string, most = 12) => namedIn(BOOK, typed, most).map(({ number }) => number);

describe("bikes named", () => {
  it.each([
    ["", []],
    ["zebra", []],
    ["ferry", [420]],
    ["0013", [13]],
    ["GOAT", [420]],
  ])("by %j are %j", (typed, numbers) => expect(find(typed)).toEqual(numbers));
  it("by most of the words come first, and words of a line beside them take none away", () =>
    expect(find("herd 42 wheel")[0]).toBe(13));
  it("are no more than are wanted", () => expect(find("herd", 1)).toHaveLength(1));
});

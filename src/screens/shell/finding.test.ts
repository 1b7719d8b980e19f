// What the finder finds, in which order, and what it does not.
import { describe, expect, it } from "vitest";
import { demoJobs } from "@/catalog/demo/workshop";
import { ticketOf } from "../rack/ticket";
import { find, indexOf } from "./finding";

const TICKETS = demoJobs().map(ticketOf);
const INDEX = indexOf(TICKETS);
const titles = (text: string): readonly string[] => find(INDEX, TICKETS, text).map(({ title }) => title);

describe("the finder", () => {
  it("shows the bikes of the rack while nothing is typed", () => {
    expect(titles("")).toHaveLength(TICKETS.length);
    expect(titles("   ")).toEqual(titles(""));
  });

  it.each([
    ["snow", "Snowplough"],
    ["SNOWPLOUGH", "Snowplough"],
    ["gannet hill", "Gannet Hill"],
    ["0207", "Snowplough"],
    ["207", "Snowplough"],
    ["20-inch", "Thimble"],
  ])("finds a bike by %j", (text, title) => expect(titles(text)[0]).toBe(title));

  it.each([
    ["snowplough plan", "Snowplough · Plan", "/job/demo-207/plan"],
    ["thimble as found", "Thimble · As found", "/job/demo-208/as-found"],
    ["0205 prove", "Fernery · Prove", "/job/demo-205/prove"],
    ["snow battery", "Snowplough · Numbers", "/job/demo-207/numbers"],
  ])("finds the stage in %j", (text, title, href) =>
    expect(find(INDEX, TICKETS, text)).toContainEqual(expect.objectContaining({ title, href })),
  );

  it.each(["snow 51", "snowplough wheel", "51 snowplough", "snow line 51"])(
    "finds the line in %j, with the line in hand",
    (text) =>
      expect(find(INDEX, TICKETS, text)).toContainEqual(
        expect.objectContaining({
          title: "51 Wheel",
          note: "Snowplough",
          href: "/job/demo-207/plan",
          line: { jobId: "demo-207", code: "51" },
        }),
      ),
  );

  it.each(["zebra", "snowplough zebra", "toString", "__proto__", "207 thimble"])("finds nothing for %j", (text) =>
    expect(titles(text)).toEqual([]),
  );

  it("gives every find a key of its own, and no more than fit", () => {
    for (const text of ["", "line", "e", "2", "wheel"]) {
      const keys = find(INDEX, TICKETS, text).map(({ key }) => key);
      expect(new Set(keys).size).toBe(keys.length);
      expect(keys.length).toBeLessThanOrEqual(12 * 8);
    }
  });
});

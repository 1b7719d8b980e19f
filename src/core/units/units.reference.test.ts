// Conversions against the general-purpose library convert-units, and the check values of the trade.
import convert from "convert-units";
import { describe, expect, it } from "vitest";
import { inchToMm, kmhToMph, mphToKmh, poundToKg, speedFromKmh, speedToKmh } from "./convert";

describe("conversions against a general-purpose library", () => {
  // Source: npm package convert-units 2.3 (it goes by way of a foot rounded to seven digits, hence three decimals).
  it.each([0, 1, 3.7, 15.5, 20, 28, 45])("%d mph in km/h", (mph) => {
    expect(mphToKmh(mph)).toBeCloseTo(convert(mph).from("m/h").to("km/h"), 4);
  });
  it.each([16, 26, 27.5, 29])("%d in in mm", (inch) => {
    expect(inchToMm(inch)).toBeCloseTo(convert(inch).from("in").to("mm"), 3);
  });
  it("pounds in kilograms", () => {
    expect(poundToKg(170)).toBeCloseTo(convert(170).from("lb").to("kg"), 2);
  });
});

describe("check values", () => {
  // Source: international yard and pound agreement, 1959.
  it.each([
    [25, 15.53],
    [32, 19.88],
    [100, 62.14],
    [72, 44.74],
  ])("%d km/h is %d mph", (kmh, mph) => expect(kmhToMph(kmh)).toBeCloseTo(mph, 2));
  it.each([
    [15.5, 24.945],
    [20, 32.187],
    [28, 45.062],
    [3.7, 5.955],
  ])("%d mph is %d km/h", (mph, kmh) => expect(mphToKmh(mph)).toBeCloseTo(kmh, 3));
  it("speedToKmh and speedFromKmh undo each other", () => {
    expect(speedFromKmh(speedToKmh(17.3, "mph"), "mph")).toBeCloseTo(17.3, 12);
    expect(speedToKmh(17.3, "kmh")).toBe(17.3);
  });
});

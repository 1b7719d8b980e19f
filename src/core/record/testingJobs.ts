/** Jobs as they come in, much of them unsaid and some of it nonsense: for property tests. */
import fc from "fast-check";
import { linesOf, rawValues, shows, type DisplayProfile } from "../display";
import type { IntakeText } from "../facts";
import type { ClassRule } from "../law";
import { newJob, type Job } from "./job";

const some = <Value>(arbitrary: fc.Arbitrary<Value>) => fc.option(arbitrary, { nil: undefined, freq: 4 });
const oneOf = (...values: readonly string[]) => fc.constantFrom(...values);

/** A bike as people type it, much of it unsaid. */
const intakes: fc.Arbitrary<IntakeText> = fc.record({
  tyre: some(oneOf("47-622", "100-559", "54-507", "20 x 2.35", "nonsense")),
  rolloutMm: some(fc.integer({ min: 1200, max: 2400 }).map(String)),
  pickUp: some(oneOf("spoke-magnet", "inside-motor")),
  pulsesPerTurn: some(oneOf("1", "2", "6", "46", "80")),
  motorKind: some(oneOf("geared-hub", "direct-drive-hub", "mid-drive")),
  motorRatedW: some(oneOf("250", "500", "1000")),
  packV: some(oneOf("24", "36", "48", "52", "72")),
  chemistry: some(oneOf("nmc", "lfp")),
  controllerA: some(oneOf("12", "15", "22", "30")),
  bmsA: some(oneOf("15", "25", "40")),
  throttleFitted: some(oneOf("yes", "no")),
  rider: some(oneOf("novice", "used-to-it")),
}) as fc.Arbitrary<IntakeText>;

/** A bike on any of these displays, to leave in any of these classes. */
export const jobsOf = (displays: readonly DisplayProfile[], classes: readonly ClassRule[]): fc.Arbitrary<Job> =>
  fc
    .record({
      profile: fc.constantFrom(...displays),
      rule: fc.constantFrom(...classes),
      intake: intakes,
      chargerV: some(oneOf("29.4", "42", "54.6", "58.8", "67.2", "50")),
      seeds: fc.array(fc.nat(), { minLength: 80, maxLength: 80 }),
    })
    .map(({ profile, rule, intake, chargerV, seeds }): Job => {
      // A fifth of the lines as the maker sets them, a tenth unread, the rest anything.
      const shown = linesOf(profile).flatMap(({ code, encoding, factoryRaw }, i) => {
        const raws = rawValues(encoding);
        const seed = seeds[i % seeds.length] ?? 0;
        if (seed % 10 === 3) return [];
        return [
          [code, shows(encoding, (seed % 5 === 0 ? factoryRaw : raws[seed % raws.length]) ?? raws[0] ?? 0)] as const,
        ];
      });
      const job = newJob("one", 1, "2026-01-01T00:00:00.000Z");
      const said = Object.fromEntries(
        Object.entries({ ...intake, chargerV }).filter((entry): entry is [string, string] => entry[1] !== undefined),
      );
      return {
        ...job,
        profile,
        intake: said,
        classChoice: { ...job.classChoice, rule },
        asFound: { shown: Object.fromEntries(shown), waivedReason: "" },
      };
    });

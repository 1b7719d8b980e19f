/**
 * npm run bench -- person: a technician by script at every shipped display, slow, usual and quick, who slips at three
 * runs of keys in a hundred. The same job by the key card, by the card planned for the keys alone, and by the leaflet:
 * minutes, where they go, slips, and lines that hold a wrong value in the end.
 */
import { SHIPPED_DISPLAYS } from "../src/catalog/displays";
import { atHome, isShown } from "../src/core/display";
import { allOf, USUAL_PACE, type PersonTime } from "../src/core/keys";
import { pick, randomRaws, randomTargets } from "../src/core/keys/testing";
import {
  byTheCard,
  byTheLeaflet,
  type KeyJob,
  type Outcome,
  type Technician,
} from "../src/core/programming/testingTechnician";
import { seeded } from "../src/core/units/seeded";

const JOBS = Number(process.env.JOBS ?? 200);
const SLIPS = 0.03;
const PROMISED = { ratio: 0.6, savedWrong: 0 };

const HANDS: readonly Technician[] = [
  { name: "slow", pace: { tapMs: 600, settleMs: 900, lookMs: 2000, answerMs: 2600 }, slips: SLIPS },
  { name: "usual", pace: USUAL_PACE, slips: SLIPS },
  { name: "quick", pace: { tapMs: 250, settleMs: 300, lookMs: 700, answerMs: 900 }, slips: SLIPS },
];

/** A bike as it comes in: a third of its lines are to be changed, those the rest hides stay. */
function jobs(): readonly KeyJob[] {
  const random = seeded(2026);
  return Array.from({ length: JOBS }, (_, i): KeyJob => {
    const profile = SHIPPED_DISPLAYS[i % SHIPPED_DISPLAYS.length];
    if (!profile) throw new Error("no displays");
    const from = randomRaws(profile, random);
    const wanted = randomTargets(profile, from, random);
    const some = from.map((raw, line) => (pick(random, 0, 2) > 0 ? raw : (wanted[line] ?? raw)));
    const targets = some.map((raw, line) => (isShown(profile, line, some) ? raw : (from[line] ?? raw)));
    return { profile, start: atHome(profile, from), targets };
  });
}

const sumOf = (outcomes: readonly Outcome[]): Outcome =>
  outcomes.reduce(
    (sum, { time, slipped, savedWrong, unseenWrong }) => ({
      time: {
        keysMs: sum.time.keysMs + time.keysMs,
        lookingMs: sum.time.lookingMs + time.lookingMs,
        answeringMs: sum.time.answeringMs + time.answeringMs,
      },
      slipped: sum.slipped + slipped,
      savedWrong: sum.savedWrong + savedWrong,
      unseenWrong: sum.unseenWrong + unseenWrong,
    }),
    { time: { keysMs: 0, lookingMs: 0, answeringMs: 0 }, slipped: 0, savedWrong: 0, unseenWrong: 0 },
  );

const minutes = (time: PersonTime): string => (allOf(time) / JOBS / 60_000).toFixed(2);
const shares = (time: PersonTime): string =>
  [time.keysMs, time.lookingMs, time.answeringMs].map((ms) => `${((100 * ms) / allOf(time)).toFixed(0)} %`).join(" / ");

const all = jobs();
let kept = true;
console.log(`${JOBS} jobs on ${SHIPPED_DISPLAYS.length} displays, a slip at ${SLIPS * 100} % of the runs of keys`);
for (const hand of HANDS) {
  const [onCard, onKeys, onLeaflet] = [seeded(1), seeded(1), seeded(1)];
  const card = sumOf(all.map((job) => byTheCard(job, hand, onCard)));
  const byKeys = sumOf(all.map((job) => byTheCard(job, hand, onKeys, "keys")));
  const leaflet = sumOf(all.map((job) => byTheLeaflet(job, hand, onLeaflet)));
  const ratio = allOf(card.time) / allOf(leaflet.time);
  const promised = ratio <= PROMISED.ratio && card.savedWrong <= PROMISED.savedWrong;
  kept &&= promised;
  console.log(`\n${hand.name}: ratio ${ratio.toFixed(2)} (promised ${PROMISED.ratio})${promised ? "" : ", NOT KEPT"}`);
  for (const [name, { time, slipped, savedWrong, unseenWrong }] of [
    ["card", card],
    ["by keys", byKeys],
    ["leaflet", leaflet],
  ] as const)
    console.log(
      `  ${name.padEnd(8)} ${minutes(time)} min a job, keys / looking / answering ${shares(time)}, ` +
        `${slipped} slips, ${savedWrong} lines saved wrong, ${unseenWrong} set by keys that show nothing`,
    );
}
if (!kept) process.exitCode = 1;

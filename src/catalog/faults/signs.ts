/**
 * What a bike shows, and what is behind it how often. Codes differ by display; what they stand for does not. Shares of
 * controller, display and lead: nine in ten, eight in ten, as the trade tells them. Common practice, no source.
 */
import type { FaultSign } from "@/core/faults/faults";

const sign =
  (from: FaultSign["from"]) =>
  (id: string, causes: Readonly<Record<string, number>>): FaultSign => ({
    id,
    from,
    causes,
  });
const code = sign("code");
const complaint = sign("complaint");

export const SIGNS: readonly FaultSign[] = [
  code("code-brake", { "lever-resting": 0.5, "brake-sensor-stuck": 0.3, "brake-wiring": 0.2 }),
  code("code-battery-low", {
    "pack-empty": 0.5,
    "pack-weak": 0.2,
    "pack-lead-loose": 0.15,
    "volts-line": 0.1,
    "cut-off-line": 0.05,
  }),
  code("code-motor", { "hall-lead-loose": 0.4, "phase-loose": 0.35, "motor-bad": 0.15, "controller-bad": 0.1 }),
  code("code-throttle", { "throttle-lead-loose": 0.55, "throttle-bad": 0.45 }),
  code("code-controller", { "phase-loose": 0.9, "controller-bad": 0.1 }),
  code("code-display-hears-nothing", { "display-lead-loose": 0.55, "display-bad": 0.25, "controller-bad": 0.2 }),
  code("code-controller-hears-nothing", { "controller-bad": 0.8, "display-bad": 0.12, "display-lead-loose": 0.08 }),
  code("code-battery-management", { "pack-protecting": 1 }),
  code("code-hot", { "controller-hot": 0.55, "motor-hot": 0.35, "current-line": 0.1 }),
  code("code-speed-sensor", { "magnet-moved": 0.55, "speed-lead-loose": 0.35, "hall-lead-loose": 0.1 }),
  complaint("brake-does-not-cut", { "brake-unplugged": 0.6, "brake-switch-late": 0.4 }),
  complaint("passes-its-cap", { "cap-line": 0.5, "wheel-line": 0.25, "pulses-line": 0.15, "unit-line": 0.1 }),
  complaint("levels-alike", { "level-share-line": 0.6, "cap-line": 0.25, "current-line": 0.15 }),
  complaint("walks-too-fast", { "walk-line": 0.7, "wheel-line": 0.2, "pulses-line": 0.1 }),
  complaint("speed-wrong", {
    "wheel-line": 0.4,
    "pulses-line": 0.25,
    "unit-line": 0.15,
    "motor-preset-line": 0.12,
    "calibration-line": 0.08,
  }),
  complaint("speed-jumps", {
    "magnet-moved": 0.35,
    "speed-lead-loose": 0.25,
    "pulses-line": 0.25,
    "phase-loose": 0.15,
  }),
  complaint("gauge-wrong", {
    "volts-line": 0.5,
    "pack-weak": 0.2,
    "read-out-line": 0.15,
    "display-lead-loose": 0.15,
  }),
  complaint("dies-at-half", { "volts-line": 0.35, "pack-weak": 0.35, "cut-off-line": 0.2, "pack-lead-loose": 0.1 }),
  complaint("no-bars-on-full", { "volts-line": 0.5, "display-lead-loose": 0.4, "read-out-line": 0.1 }),
  complaint("dead", {
    "pack-lead-loose": 0.3,
    "pack-empty": 0.2,
    "display-lead-loose": 0.2,
    "pack-protecting": 0.1,
    "display-bad": 0.1,
    "controller-bad": 0.1,
  }),
  complaint("no-assist", {
    "lever-resting": 0.16,
    "brake-sensor-stuck": 0.04,
    "brake-wiring": 0.03,
    "crank-lead-loose": 0.14,
    "phase-loose": 0.15,
    "level-zero": 0.1,
    "crank-ring-turned": 0.1,
    "hall-lead-loose": 0.1,
    "drive-mode-line": 0.1,
    "controller-bad": 0.08,
  }),
  complaint("throttle-dead", {
    "throttle-rule-line": 0.24,
    "level-zero": 0.15,
    "lever-resting": 0.1,
    "brake-sensor-stuck": 0.04,
    "brake-wiring": 0.02,
    "drive-mode-line": 0.15,
    "throttle-lead-loose": 0.12,
    "throttle-mode-line": 0.1,
    "throttle-bad": 0.08,
  }),
  complaint("assist-late", {
    "start-line": 0.5,
    "crank-pulses-line": 0.2,
    "crank-ring-turned": 0.2,
    "crank-lead-loose": 0.1,
  }),
  complaint("surges", {
    "crank-pulses-line": 0.3,
    "crank-lead-loose": 0.25,
    "pack-weak": 0.15,
    "magnet-moved": 0.15,
    "cap-line": 0.15,
  }),
  complaint("keeps-pushing", {
    "crank-pulses-line": 0.3,
    "cruise-line": 0.25,
    "throttle-bad": 0.2,
    "crank-ring-turned": 0.15,
    "controller-bad": 0.1,
  }),
  complaint("too-strong", { "start-strength-line": 0.45, "level-share-line": 0.35, "current-line": 0.2 }),
  complaint("will-not-pass", {
    "cap-line": 0.5,
    "kit-limit": 0.2,
    "wheel-line": 0.15,
    "level-share-line": 0.1,
    "pack-weak": 0.05,
  }),
  complaint("cuts-out", {
    "pack-weak": 0.4,
    "cut-off-line": 0.2,
    "controller-hot": 0.15,
    "current-line": 0.15,
    "phase-loose": 0.1,
  }),
  complaint("locked", { "pin-set": 0.8, "key-stuck": 0.2 }),
  complaint("does-not-stick", { "not-saved": 0.5, "not-power-cycled": 0.4, "display-bad": 0.1 }),
  complaint("after-swap", {
    "wheel-line": 0.2,
    "protocol-line": 0.2,
    "volts-line": 0.15,
    "pulses-line": 0.15,
    "crank-pulses-line": 0.15,
    "motor-preset-line": 0.15,
  }),
  complaint("stuck", { "other-way-in": 0.35, "key-stuck": 0.3, "pin-set": 0.2, "display-bad": 0.15 }),
];

/** What a check of the proof that failed is, as a sign. */
export const SIGN_OF_CHECK: Readonly<Record<string, string>> = {
  "brake-cut-off": "brake-does-not-cut",
  "spin-speed": "speed-jumps",
  levels: "levels-alike",
  throttle: "throttle-dead",
  "throttle-release": "keeps-pushing",
  "release-lag": "keeps-pushing",
  cruise: "keeps-pushing",
  "read-outs": "gauge-wrong",
  "start-delay": "assist-late",
  "level-speeds": "levels-alike",
  "pack-sag": "cuts-out",
  "crawl-and-turn": "too-strong",
  "speedometer-run": "speed-wrong",
  "walk-assist": "walks-too-fast",
  "top-speed-run": "passes-its-cap",
};

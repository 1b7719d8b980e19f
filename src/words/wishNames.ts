/** Wishes of a rider by their names. */
import type { WishId } from "@/core/facts";

/** As a rider would say it. */
export const WISH_NAMES: Readonly<Record<WishId, string>> = {
  heavy: "Heavy rider",
  cargo: "Cargo",
  "child-aboard": "Child aboard",
  hills: "Hills",
  "mud-and-sand": "Mud and sand",
  "traffic-lights": "Traffic lights",
  delivery: "Delivery",
  rental: "Rental",
  fleet: "Fleet",
  "range-first": "Range first",
  trail: "Trail",
  "kicks-hard": "Kicks too hard",
  "weak-on-hills": "Too weak on hills",
  "fast-in-one": "Too fast in level 1",
  surges: "Surges",
  late: "Comes in late",
  "gauge-lies": "Gauge lies",
  "cuts-out": "Cuts out",
  "start-without-pedalling": "Wants to start without pedalling",
  "younger-rider": "Younger rider on it",
};

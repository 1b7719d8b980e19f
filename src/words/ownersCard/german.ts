/** The owner's card in German. Names of lines, displays and classes stay as they are. */
import { speedFromKmh } from "@/core/units";
import { unitName } from "../speak";
import type { OwnersWords } from "./ownersWords";

const NUMBER = new Intl.NumberFormat("de-DE", { maximumFractionDigits: 1, useGrouping: false });
const said = (value: number): string => NUMBER.format(value);

export const GERMAN: OwnersWords = {
  language: "de",
  title: "Karte für den Besitzer",
  stamps: {
    "planned-not-set": "Geplant, nicht eingestellt",
    "under-way": "Eingabe läuft, noch nicht alles eingestellt",
    "not-read-back": "Eingestellt, wie gemeldet; nicht nachgelesen",
    "partly-read-back": "Nicht alles nachgelesen",
    "read-back": null,
  },
  newBike: "Neues Rad",
  noClass: "keine Klasse",
  facts: {
    cap: "Unterstützung endet bei",
    levels: "Stufen",
    throttle: "Gasgriff",
    cutOff: "Akku schaltet ab bei",
  },
  speed: (kmh, unit) => `${said(speedFromKmh(kmh, unit))} ${unitName(unit)}`,
  cap: (trueSpeed, shown) => `${trueSpeed} wirklich, ${shown} eingestellt`,
  uncapped: "keine Grenze",
  measured: "gemessen, siehe Werkstattblatt",
  levels: (most, startsIn) =>
    `0 bis ${most}, beginnt in ${startsIn === "last-used" ? "der zuletzt benutzten" : `Stufe ${startsIn}`}`,
  throttle: { off: "aus", "follows-level": "folgt der Stufe", full: "immer voll" },
  noThrottle: "keiner verbaut",
  cutOff: (volts) => `${said(volts)} V. Rechtzeitig vorher laden.`,
  notSet: (value) => `${value} · geplant, nicht eingestellt`,
  notReadBack: (value) => `${value} · geplant, nicht nachgelesen`,
  elsewhere: "siehe Werkstattblatt",
  keys: "Ihre Tasten",
  deeds: {
    "power-on": "schaltet ein",
    "power-off": "schaltet aus",
    "start-walk-assist": "Schiebehilfe: der Motor läuft, solange gehalten wird",
    "step-level": "ändert die Stufe",
    "next-mode": "wechselt die Betriebsart",
    "toggle-lamp": "schaltet das Licht",
    "toggle-hazard-lamp": "schaltet das Warnlicht",
    "next-info": "zeigt die nächste Angabe",
    "open-monitor": "zeigt die Messwerte, nur zum Lesen",
    "start-cruise": "Tempomat: der Motor hält die Geschwindigkeit",
    "end-cruise": "beendet den Tempomat",
    "step-backlight": "ändert die Helligkeit bis zum Ausschalten",
  },
  up: "nach oben",
  down: "nach unten",
  tapped: "kurz gedrückt",
  tappedTwice: "zweimal kurz gedrückt",
  held: (seconds) => `${said(seconds)} s gehalten`,
  whileItShows: (infoLine) => `während ${infoLine} gezeigt wird`,
  within: (seconds) => `bis ${said(seconds)} s nach dem Einschalten`,
  laterThan: (seconds) => `später als ${said(seconds)} s nach dem Einschalten`,
  wheelStill: "im Stand",
  whileRiding: "Das Display nie während der Fahrt ablesen.",
  notForRoads: "Nicht für öffentliche Straßen.",
  heldFor: (set) =>
    "Geschwindigkeit, Strom und Abschaltspannung wurden für diesen Reifen, Motor und Akku " +
    `${set ? "eingestellt" : "geplant"}: ändert sich eines davon, gelten diese Zahlen nicht mehr.`,
  label: "Aufkleber:",
  noLabel: "Auf dieser Karte steht keine Klasse: was dagegen spricht, steht auf dem Werkstattblatt.",
  checked: "Am Text der Klasse geprüft, nicht zertifiziert.",
  notProven: "Noch nicht nachgewiesen.",
};

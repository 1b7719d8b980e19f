/** The papers a rider takes along, in German. Names of lines, displays and classes stay as they are. */
import type { PaperWords } from "./paperWords";
import { numbersOf, spokenIn } from "./spoken";

const LOCALE = "de-DE";
const said = numbersOf(LOCALE);

export const GERMAN: PaperWords = {
  language: "de",
  unchecked: "Maschinell formuliert, bitte prüfen.",
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
    walk: "Schiebehilfe",
    cruise: "Tempomat",
    lamp: "Licht",
    trip: "Tageszähler",
    clock: "Uhr",
    autoOff: "Schaltet sich ab",
    lock: "Sperre",
    cutOff: "Akku schaltet ab bei",
  },
  ...spokenIn(LOCALE),
  cap: (trueSpeed, shown) => `${trueSpeed} wirklich, ${shown} eingestellt`,
  uncapped: "keine Grenze",
  measured: "gemessen, siehe Werkstattblatt",
  levels: (least, most, startsIn) =>
    `${least} bis ${most}` +
    (startsIn === null
      ? ""
      : `, beginnt in ${startsIn === "last-used" ? "der zuletzt benutzten" : `Stufe ${startsIn}`}`),
  throttle: { off: "aus", "follows-level": "folgt der Stufe", full: "immer voll" },
  noThrottle: "keiner verbaut",
  pedalFirst: "erst wenn getreten wird",
  rollFirst: "erst wenn das Rad rollt",
  pullsAtOnce: "zieht aus dem Stand",
  walk: (speed) =>
    speed === null ? "an, solange die Taste gehalten wird" : `an, bis ${speed}, solange die Taste gehalten wird`,
  walkOff: "aus",
  cruise: { on: "an: hält die Geschwindigkeit von selbst", off: "aus" },
  cruiseOut: "bremsen beendet ihn",
  lamp: { manual: "mit der Taste", automatic: "von selbst bei Dunkelheit", flashing: "blinkt" },
  trip: { manual: "selbst zurückstellen", "at-power-off": "beim Ausschalten zurückgestellt" },
  clock: (line) => `im Menü gestellt, Zeile ${line}`,
  autoOff: (minutes) => `nach ${minutes} min im Stand`,
  neverOff: "nie: selbst ausschalten",
  locked: "fragt beim Einschalten nach Ihrer Nummer. Niemand sonst hat sie: ohne sie gibt es keinen Weg zurück.",
  cutOff: (volts) => `${said(volts)} V. Rechtzeitig vorher laden.`,
  notSet: (value) => `${value} · geplant, nicht eingestellt`,
  notReadBack: (value) => `${value} · geplant, nicht nachgelesen`,
  elsewhere: "siehe Werkstattblatt",
  eachLevel: "Jede Stufe",
  level: "Stufe",
  steady: "Eben, stetig",
  range: "Reichweite",
  from: { measured: "gemessen", foretold: "berechnet" },
  levelsNote:
    "Berechnet: für diesen Motor, diesen Akku und einen durchschnittlichen Fahrer. Wind, Berge und Kälte ändern es.",
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
  screen: "Ihre Anzeige",
  screenParts: {
    speed: "Geschwindigkeit",
    battery: "Akku",
    level: "Stufe",
    info: "wechselnde Angabe",
    signs: "Licht und andere Zeichen",
    mode: "Betriebsart, an Farbe oder Wort",
  },
  codes: "Wenn ein Code erscheint",
  trouble: {
    "code-brake": {
      means: "ein Bremshebel gilt als gezogen",
      first: "beide Hebel zurückfedern lassen; nachsehen, ob einer klemmt",
    },
    "code-battery-low": { means: "Akku schwach", first: "laden; ist er voll, Stecker neu aufstecken" },
    "code-motor": { means: "Motor oder sein Kabel", first: "Motorstecker neu aufstecken, dann in die Werkstatt" },
    "code-throttle": { means: "Gasgriff", first: "zurückfedern lassen, aus- und einschalten" },
    "code-controller": { means: "Steuergerät", first: "aus- und einschalten; bleibt es, in die Werkstatt" },
    "code-display-hears-nothing": { means: "die Anzeige hört nichts", first: "Stecker der Anzeige neu aufstecken" },
    "code-controller-hears-nothing": {
      means: "das Steuergerät hört nichts",
      first: "Stecker der Anzeige neu aufstecken",
    },
    "code-battery-management": {
      means: "der Akku schützt sich selbst",
      first: "nicht mehr benutzen und laden, ins Freie stellen, in die Werkstatt",
    },
    "code-hot": { means: "zu heiß", first: "abkühlen lassen; Berge in höherer Stufe fahren und mittreten" },
    "code-speed-sensor": {
      means: "Geschwindigkeit wird nicht erkannt",
      first: "nachsehen, ob der Speichenmagnet verrutscht ist",
    },
  },
  otherCode: "aus- und einschalten; bleibt es, in die Werkstatt",
  takeAlong: {
    "slides-off":
      "Gegen Diebstahl die Anzeige aus der Halterung schieben und mitnehmen; vorher " +
      "ausschalten, danach bis zum Anschlag aufschieben.",
    "turns-off":
      "Gegen Diebstahl die Anzeige eine Vierteldrehung lösen und mitnehmen; vorher " +
      "ausschalten, danach wieder festdrehen.",
    stays: "Die Anzeige bleibt am Rad: ausschalten und das Rad abschließen.",
    "not-said":
      "Gegen Diebstahl die Anzeige mitnehmen, wo sie sich abnehmen lässt; vorher " +
      "ausschalten, danach den Stecker ganz aufstecken.",
  },
  whileRiding: "Die Anzeige nie während der Fahrt ablesen.",
  notForRoads: "Nicht für öffentliche Straßen.",
  throttleLive: "Eingeschaltet ist der Gasgriff scharf: eine Berührung bewegt das Rad. Hand weg davon, bis Sie sitzen.",
  heldFor: (set) =>
    "Geschwindigkeit, Strom und Abschaltspannung wurden für diesen Reifen, Motor und Akku " +
    (set ? "eingestellt" : "geplant") +
    ": ändert sich eines davon, gelten diese Zahlen nicht mehr.",
  label: "Aufkleber:",
  noLabel: "Auf dieser Karte steht keine Klasse: was dagegen spricht, steht auf dem Werkstattblatt.",
  checked: "Am Text der Klasse geprüft, nicht zertifiziert.",
  notProven: "Noch nicht nachgewiesen.",
  wayBack: {
    title: "Karte für den Rückweg",
    goesAlong: "Diese Karte bleibt beim Rad.",
    nothing: "Nichts wurde geändert: die Anzeige ist, wie sie vorgefunden wurde.",
    from: (presses, seconds) =>
      `Vom Startbildschirm zurück zum vorgefundenen Stand: ${presses} Tastendrücke, ` +
      `${said(seconds, 0)} s. Rad frei vom Boden, oder Bremse gezogen.`,
    proveAgain:
      "Wie vorgefunden wurde das Rad nicht als sicher oder klassengerecht beurteilt. Nach dem Rückweg neu nachweisen.",
    toRoad: (className) => `Zurück auf die Straße: ${className}`,
    fromToRoad: (presses, seconds) =>
      `Vom Startbildschirm zu dieser Klasse: ${presses} Tastendrücke, ${said(seconds, 0)} s. ` +
      "Rad frei vom Boden, oder Bremse gezogen.",
    proveRoad:
      "Danach jede Zeile nachlesen und messen, wo die Unterstützung endet: erst dann ist es wieder diese Klasse.",
    steps: {
      "switch-on": "Einschalten",
      open: "Menü öffnen",
      code: "Code eingeben",
      go: "Weiter",
      line: "Nächste Zeile",
      save: "Speichern",
      leave: "Menü verlassen",
      "switch-off": "Ausschalten",
      wait: "Warten",
      procedure: "Tasten halten",
    },
    goInto: (page) => `In ${page} gehen`,
    taps: (times) => (times === 1 ? "1 × drücken" : `${times} × drücken`),
    hold: (seconds) => `${said(seconds)} s halten`,
    keepHolding: (seconds, kept, more) => `${said(seconds)} s halten, dann nur ${kept} noch ${said(more)} s`,
    doubleTap: "zweimal kurz drücken",
    holdUntil: (shows) => (shows === null ? "halten" : `halten, bis ${shows} steht`),
    wait: (seconds) => `${said(seconds)} s warten`,
    toLine: (code) => `bis Zeile ${code}`,
    lineShows: (code, shows) => `Zeile ${code} zeigt ${shows}`,
    then: ", dann ",
  },
  care: {
    title: "Pflege und Grenzen",
    stale:
      "Neuer Reifen, Akku, Motor, neues Steuergerät oder Display: diese Zahlen gelten nicht mehr, bitte wiederkommen.",
    rules: [
      "Mit dem Ladegerät laden, das zum Akku gehört; nie auf dem Fluchtweg und nie unbeaufsichtigt.",
      "Ein Akku, der aufgebläht, heiß, innen nass oder gestürzt ist oder einen Fehler meldet, wird nicht benutzt und nicht geladen.",
      "Vor jeder Fahrt beide Bremsen probieren: gezogen muss der Motor sofort stehen.",
      "Nach 100 km, dann alle 500 km nachsehen: Achsmuttern, Drehmomentstütze, Stecker, Speichenmagnet.",
      "Schiebt der Motor nach, läuft er von selbst an oder fährt er zu schnell: absteigen und in die Werkstatt.",
    ],
  },
};

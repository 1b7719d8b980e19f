/** The papers a rider takes along, in Dutch. Names of lines, displays and classes stay as they are. */
import type { PaperWords } from "./paperWords";
import { numbersOf, spokenIn } from "./spoken";

const LOCALE = "nl-NL";
const said = numbersOf(LOCALE);

export const DUTCH: PaperWords = {
  language: "nl",
  unchecked: "Door een machine verwoord, controleer het.",
  title: "Kaart voor de eigenaar",
  stamps: {
    "planned-not-set": "Gepland, niet ingesteld",
    "under-way": "Instellen bezig, nog niet alles",
    "not-read-back": "Ingesteld, zoals gemeld; niet teruggelezen",
    "partly-read-back": "Niet alles teruggelezen",
    "read-back": null,
  },
  newBike: "Nieuwe fiets",
  noClass: "geen klasse",
  facts: {
    cap: "Ondersteuning stopt bij",
    levels: "Standen",
    throttle: "Gashendel",
    walk: "Loophulp",
    cruise: "Cruisecontrol",
    lamp: "Licht",
    trip: "Dagteller",
    clock: "Klok",
    autoOff: "Schakelt zichzelf uit",
    lock: "Slot",
    cutOff: "Accu schakelt uit bij",
  },
  ...spokenIn(LOCALE),
  cap: (trueSpeed, shown) => `${trueSpeed} werkelijk, ${shown} ingesteld`,
  uncapped: "geen grens",
  measured: "gemeten, zie het werkplaatsblad",
  levels: (least, most, startsIn) =>
    `${least} tot ${most}` +
    (startsIn === null ? "" : `, begint in ${startsIn === "last-used" ? "de laatst gebruikte" : `stand ${startsIn}`}`),
  throttle: { off: "uit", "follows-level": "volgt de stand", full: "altijd vol" },
  noThrottle: "niet gemonteerd",
  pedalFirst: "pas als u trapt",
  rollFirst: "pas als de fiets rolt",
  pullsAtOnce: "trekt uit stilstand",
  walk: (speed) =>
    speed === null
      ? "aan, zolang de toets wordt vastgehouden"
      : `aan, tot ${speed}, zolang de toets wordt vastgehouden`,
  walkOff: "uit",
  cruise: { on: "aan: houdt de snelheid zelf vast", off: "uit" },
  cruiseOut: "remmen beëindigt het",
  lamp: { manual: "met de toets", automatic: "vanzelf in het donker", flashing: "knippert" },
  trip: { manual: "zelf terugzetten", "at-power-off": "teruggezet bij uitschakelen" },
  clock: (line) => `gezet in het menu, regel ${line}`,
  autoOff: (minutes) => `na ${minutes} min stilstand`,
  neverOff: "nooit: zelf uitschakelen",
  locked: "vraagt bij het inschakelen om uw nummer. Niemand anders heeft het: zonder is er geen weg terug.",
  cutOff: (volts) => `${said(volts)} V. Laad ruim daarvoor.`,
  notSet: (value) => `${value} · gepland, niet ingesteld`,
  notReadBack: (value) => `${value} · gepland, niet teruggelezen`,
  elsewhere: "zie het werkplaatsblad",
  eachLevel: "Elke stand",
  level: "Stand",
  steady: "Vlak, gelijkmatig",
  range: "Bereik",
  from: { measured: "gemeten", foretold: "berekend" },
  levelsNote: "Berekend: voor deze motor, deze accu en een gemiddelde rijder. Wind, heuvels en kou veranderen het.",
  keys: "Uw toetsen",
  deeds: {
    "power-on": "schakelt in",
    "power-off": "schakelt uit",
    "start-walk-assist": "loophulp: de motor draait zolang u vasthoudt",
    "step-level": "wijzigt de stand",
    "next-mode": "gaat naar de volgende modus",
    "toggle-lamp": "schakelt het licht",
    "toggle-hazard-lamp": "schakelt het waarschuwingslicht",
    "next-info": "toont het volgende gegeven",
    "open-monitor": "toont de meetwaarden, alleen lezen",
    "start-cruise": "cruisecontrol: de motor houdt de snelheid",
    "end-cruise": "beëindigt de cruisecontrol",
    "step-backlight": "wijzigt de helderheid tot uitschakelen",
  },
  up: "omhoog",
  down: "omlaag",
  tapped: "kort gedrukt",
  tappedTwice: "twee keer kort gedrukt",
  held: (seconds) => `${said(seconds)} s vastgehouden`,
  whileItShows: (infoLine) => `terwijl ${infoLine} getoond wordt`,
  within: (seconds) => `binnen ${said(seconds)} s na inschakelen`,
  laterThan: (seconds) => `later dan ${said(seconds)} s na inschakelen`,
  wheelStill: "bij stilstand",
  screen: "Uw scherm",
  screenParts: {
    speed: "snelheid",
    battery: "accu",
    level: "stand",
    info: "wisselend gegeven",
    signs: "licht en andere tekens",
    mode: "modus, aan kleur of woord",
  },
  codes: "Als er een code staat",
  trouble: {
    "code-brake": {
      means: "een remhendel telt als aangetrokken",
      first: "laat beide hendels terugveren; kijk of er een blijft hangen",
    },
    "code-battery-low": { means: "accu bijna leeg", first: "laden; is hij vol, zet de stekker opnieuw vast" },
    "code-motor": { means: "motor of zijn kabel", first: "zet de motorstekker opnieuw vast en kom langs" },
    "code-throttle": { means: "gashendel", first: "laat hem terugveren, uit- en inschakelen" },
    "code-controller": { means: "regelaar", first: "uit- en inschakelen; blijft het, kom langs" },
    "code-display-hears-nothing": {
      means: "het scherm hoort niets",
      first: "zet de stekker van het scherm opnieuw vast",
    },
    "code-controller-hears-nothing": {
      means: "de regelaar hoort niets",
      first: "zet de stekker van het scherm opnieuw vast",
    },
    "code-battery-management": {
      means: "de accu beschermt zichzelf",
      first: "niet meer gebruiken en laden, buiten zetten, kom langs",
    },
    "code-hot": { means: "te heet", first: "laat afkoelen; rij heuvels in een hogere stand en trap mee" },
    "code-speed-sensor": { means: "snelheid wordt niet opgepikt", first: "kijk of de spaakmagneet verschoven is" },
  },
  otherCode: "uit- en inschakelen; blijft het, kom langs",
  takeAlong: {
    "slides-off":
      "Tegen diefstal: schuif het scherm uit zijn houder en neem het mee; schakel eerst " +
      "uit en schuif het daarna goed vast.",
    "turns-off":
      "Tegen diefstal: draai het scherm een kwartslag los en neem het mee; schakel eerst " +
      "uit en draai het daarna weer vast.",
    stays: "Het scherm blijft op de fiets: schakel het uit en zet de fiets op slot.",
    "not-said":
      "Tegen diefstal: neem het scherm mee als het loskomt; schakel eerst uit en druk de " +
      "stekker daarna goed vast.",
  },
  whileRiding: "Lees het scherm nooit tijdens het rijden.",
  notForRoads: "Niet voor de openbare weg.",
  throttleLive: "Ingeschakeld staat de gashendel op scherp: één aanraking beweegt de fiets. Blijf eraf tot u zit.",
  heldFor: (set) =>
    "Snelheid, stroom en uitschakelspanning zijn voor deze band, motor en accu " +
    (set ? "ingesteld" : "gepland") +
    ": verandert er een, dan gelden deze getallen niet meer.",
  label: "Label:",
  noLabel: "Op deze kaart staat geen klasse: wat ertegen spreekt, staat op het werkplaatsblad.",
  checked: "Getoetst aan de tekst van de klasse, niet gecertificeerd.",
  notProven: "Nog niet aangetoond.",
  wayBack: {
    title: "Kaart voor de weg terug",
    goesAlong: "Deze kaart blijft bij de fiets.",
    nothing: "Er is niets gewijzigd: het scherm is zoals het werd aangetroffen.",
    from: (presses, seconds) =>
      `Van het beginscherm terug naar hoe het werd aangetroffen: ${presses} drukken, ` +
      `${said(seconds, 0)} s. Wiel vrij van de grond, of rem aangetrokken.`,
    proveAgain:
      "Zoals aangetroffen is de fiets niet als veilig of passend bij een klasse beoordeeld. Toon " +
      "het na de weg terug opnieuw aan.",
    toRoad: (className) => `Terug naar de weg: ${className}`,
    fromToRoad: (presses, seconds) =>
      `Van het beginscherm naar deze klasse: ${presses} drukken, ${said(seconds, 0)} s. ` +
      "Wiel vrij van de grond, of rem aangetrokken.",
    proveRoad: "Lees daarna elke regel terug en meet waar de ondersteuning stopt: pas dan is het weer deze klasse.",
    steps: {
      "switch-on": "Inschakelen",
      open: "Menu openen",
      code: "Code invoeren",
      go: "Verder",
      line: "Volgende regel",
      save: "Opslaan",
      leave: "Menu verlaten",
      "switch-off": "Uitschakelen",
      wait: "Wachten",
      procedure: "Toetsen vasthouden",
    },
    goInto: (page) => `Ga naar ${page}`,
    taps: (times) => (times === 1 ? "1 × drukken" : `${times} × drukken`),
    hold: (seconds) => `${said(seconds)} s vasthouden`,
    keepHolding: (seconds, kept, more) => `${said(seconds)} s vasthouden, dan alleen ${kept} nog ${said(more)} s`,
    doubleTap: "twee keer kort drukken",
    holdUntil: (shows) => (shows === null ? "vasthouden" : `vasthouden tot ${shows}`),
    wait: (seconds) => `${said(seconds)} s wachten`,
    toLine: (code) => `tot regel ${code}`,
    lineShows: (code, shows) => `regel ${code} toont ${shows}`,
    then: ", dan ",
  },
  care: {
    title: "Onderhoud en grenzen",
    stale: "Nieuwe band, accu, motor, regelaar of nieuw scherm: deze getallen gelden niet meer, kom langs.",
    rules: [
      "Laad met de lader die bij de accu hoort, nooit in de vluchtweg en nooit zonder toezicht.",
      "Een accu die bol, heet, van binnen nat of gevallen is of een fout meldt, wordt niet gebruikt en niet geladen.",
      "Probeer voor elke rit beide remmen: aangetrokken moet de motor meteen stoppen.",
      "Kijk na 100 km en dan elke 500 km na: asmoeren, momentsteun, stekkers, spaakmagneet.",
      "Duwt de motor door, start hij vanzelf of gaat hij te hard: stap af en kom langs.",
    ],
  },
};

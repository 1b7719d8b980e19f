/** The papers a rider takes along, in Italian. Names of lines, displays and classes stay as they are. */
import type { PaperWords } from "./paperWords";
import { numbersOf, spokenIn } from "./spoken";

const LOCALE = "it-IT";
const said = numbersOf(LOCALE);

export const ITALIAN: PaperWords = {
  language: "it",
  unchecked: "Testo scritto da una macchina, da verificare.",
  title: "Scheda del proprietario",
  stamps: {
    "planned-not-set": "Previsto, non impostato",
    "under-way": "Impostazione in corso, non completa",
    "not-read-back": "Impostato, come riferito; non riletto",
    "partly-read-back": "Non tutto riletto",
    "read-back": null,
  },
  newBike: "Bici nuova",
  noClass: "senza categoria",
  facts: {
    cap: "L’assistenza finisce a",
    levels: "Livelli",
    throttle: "Acceleratore",
    walk: "Aiuto alla camminata",
    cruise: "Velocità di crociera",
    lamp: "Luce",
    trip: "Contachilometri parziale",
    clock: "Orologio",
    autoOff: "Si spegne da solo",
    lock: "Blocco",
    cutOff: "La batteria stacca a",
  },
  ...spokenIn(LOCALE),
  cap: (trueSpeed, shown) => `${trueSpeed} reali, ${shown} impostati`,
  uncapped: "senza limite",
  measured: "misurato, vedi il foglio d’officina",
  levels: (least, most, startsIn) =>
    `${least} a ${most}` +
    (startsIn === null ? "" : `, parte da ${startsIn === "last-used" ? "l’ultimo usato" : `livello ${startsIn}`}`),
  throttle: { off: "disattivato", "follows-level": "segue il livello", full: "sempre al massimo" },
  noThrottle: "non montato",
  pedalFirst: "solo pedalando",
  rollFirst: "solo con la bici in movimento",
  pullsAtOnce: "tira da fermo",
  walk: (speed) =>
    speed === null ? "attivo finché si tiene il suo tasto" : `attivo, fino a ${speed}, finché si tiene il suo tasto`,
  walkOff: "disattivato",
  cruise: { on: "attiva: mantiene la velocità da sola", off: "disattivata" },
  cruiseOut: "frenando finisce",
  lamp: { manual: "con il suo tasto", automatic: "da sola al buio", flashing: "lampeggia" },
  trip: { manual: "da azzerare a mano", "at-power-off": "azzerato allo spegnimento" },
  clock: (line) => `si regola nel menu, riga ${line}`,
  autoOff: (minutes) => `dopo ${minutes} min da fermo`,
  neverOff: "mai: spegnerlo a mano",
  locked: "all’avvio chiede il suo numero. Nessun altro lo ha: senza non c’è ritorno.",
  cutOff: (volts) => `${said(volts)} V. Ricaricare ben prima.`,
  notSet: (value) => `${value} · previsto, non impostato`,
  notReadBack: (value) => `${value} · previsto, non riletto`,
  elsewhere: "vedi il foglio d’officina",
  eachLevel: "Ogni livello",
  level: "Livello",
  steady: "Piano, costante",
  range: "Autonomia",
  from: { measured: "misurato", foretold: "calcolato" },
  levelsNote: "Calcolato: per questo motore, questa batteria e un ciclista medio. Vento, salite e freddo lo cambiano.",
  keys: "I suoi tasti",
  deeds: {
    "power-on": "accende",
    "power-off": "spegne",
    "start-walk-assist": "aiuto alla camminata: il motore gira finché si tiene",
    "step-level": "cambia il livello",
    "next-mode": "passa al modo successivo",
    "toggle-lamp": "accende e spegne la luce",
    "toggle-hazard-lamp": "accende e spegne le luci di emergenza",
    "next-info": "mostra il dato successivo",
    "open-monitor": "mostra le misure, sola lettura",
    "start-cruise": "crociera: il motore mantiene la velocità",
    "end-cruise": "termina la crociera",
    "step-backlight": "cambia la luminosità fino allo spegnimento",
  },
  up: "verso l’alto",
  down: "verso il basso",
  tapped: "premuto",
  tappedTwice: "premuto due volte",
  held: (seconds) => `tenuto ${said(seconds)} s`,
  whileItShows: (infoLine) => `mentre mostra ${infoLine}`,
  within: (seconds) => `entro ${said(seconds)} s dall’accensione`,
  laterThan: (seconds) => `oltre ${said(seconds)} s dall’accensione`,
  wheelStill: "a ruota ferma",
  screen: "Il suo schermo",
  screenParts: {
    speed: "velocità",
    battery: "batteria",
    level: "livello",
    info: "dato che cambia",
    signs: "luce e altri segni",
    mode: "modo, per colore o parola",
  },
  codes: "Se mostra un codice",
  trouble: {
    "code-brake": {
      means: "una leva del freno risulta tirata",
      first: "lasciare tornare le due leve; guardare se una resta",
    },
    "code-battery-low": { means: "batteria scarica", first: "ricaricare; se è piena, reinserire il connettore" },
    "code-motor": { means: "motore o suo cavo", first: "reinserire il connettore del motore e venire in officina" },
    "code-throttle": { means: "acceleratore", first: "lasciarlo tornare, spegnere e riaccendere" },
    "code-controller": { means: "centralina", first: "spegnere e riaccendere; se resta, venire in officina" },
    "code-display-hears-nothing": {
      means: "lo schermo non riceve nulla",
      first: "reinserire il connettore dello schermo",
    },
    "code-controller-hears-nothing": {
      means: "la centralina non riceve nulla",
      first: "reinserire il connettore dello schermo",
    },
    "code-battery-management": {
      means: "la batteria si protegge",
      first: "non usarla e non caricarla, portarla all’aperto, venire in officina",
    },
    "code-hot": { means: "troppo caldo", first: "lasciare raffreddare; salire a un livello più alto e pedalare" },
    "code-speed-sensor": { means: "velocità non rilevata", first: "guardare se il magnete del raggio si è spostato" },
  },
  otherCode: "spegnere e riaccendere; se resta, venire in officina",
  takeAlong: {
    "slides-off":
      "Contro il furto sfilare lo schermo dal supporto e portarlo via; prima spegnere, al " +
      "ritorno infilarlo fino in fondo.",
    "turns-off":
      "Contro il furto girare lo schermo di un quarto di giro e portarlo via; prima " +
      "spegnere, al ritorno rigirarlo.",
    stays: "Lo schermo resta sulla bici: spegnerlo e chiudere la bici.",
    "not-said":
      "Contro il furto portare via lo schermo se si stacca; prima spegnere, al ritorno " +
      "inserire bene il connettore.",
  },
  whileRiding: "Non leggere mai lo schermo in marcia.",
  notForRoads: "Non per le strade pubbliche.",
  throttleLive: "Accesa, l’acceleratore è attivo: un tocco muove la bici. Non toccarlo prima di essere seduti.",
  heldFor: (set) =>
    "Velocità, corrente e stacco sono stati " +
    (set ? "impostati" : "previsti") +
    " per questo pneumatico, motore e batteria: se uno cambia, questi numeri non valgono più.",
  label: "Etichetta:",
  noLabel: "Su questa scheda non c’è una categoria: ciò che vi si oppone è sul foglio d’officina.",
  checked: "Verificato sul testo della categoria, non certificato.",
  notProven: "Non ancora provato.",
  wayBack: {
    title: "Scheda di ritorno",
    goesAlong: "Questa scheda resta con la bici.",
    nothing: "Non è stato cambiato nulla: lo schermo è come trovato.",
    from: (presses, seconds) =>
      `Dalla schermata iniziale a come trovato: ${presses} pressioni, ${said(seconds, 0)} s. Ruota ` +
      `sollevata da terra, o freno tirato.`,
    proveAgain:
      "Come trovata non è stata giudicata sicura né adatta a una categoria. Provarla di nuovo dopo il ritorno.",
    toRoad: (className) => `Ritorno su strada: ${className}`,
    fromToRoad: (presses, seconds) =>
      `Dalla schermata iniziale a questa categoria: ${presses} pressioni, ${said(seconds, 0)} s. ` +
      "Ruota sollevata da terra, o freno tirato.",
    proveRoad:
      "Poi rileggere ogni riga e misurare dove finisce l’assistenza: solo allora è di " + "nuovo questa categoria.",
    steps: {
      "switch-on": "Accendere",
      open: "Aprire il menu",
      code: "Inserire il codice",
      go: "Avanti",
      line: "Riga successiva",
      save: "Salvare",
      leave: "Uscire dal menu",
      "switch-off": "Spegnere",
      wait: "Attendere",
      procedure: "Tenere i tasti",
    },
    goInto: (page) => `Entrare in ${page}`,
    taps: (times) => (times === 1 ? "1 pressione" : `${times} pressioni`),
    hold: (seconds) => `tenere ${said(seconds)} s`,
    keepHolding: (seconds, kept, more) => `tenere ${said(seconds)} s, poi solo ${kept} altri ${said(more)} s`,
    doubleTap: "premere due volte",
    holdUntil: (shows) => (shows === null ? "tenere" : `tenere fino a ${shows}`),
    wait: (seconds) => `attendere ${said(seconds)} s`,
    toLine: (code) => `fino alla riga ${code}`,
    lineShows: (code, shows) => `la riga ${code} mostra ${shows}`,
    then: ", poi ",
  },
  care: {
    title: "Cura e limiti",
    stale:
      "Pneumatico, batteria, motore, centralina o schermo nuovi: questi numeri non valgono più, tornare in officina.",
    rules: [
      "Caricare con il caricatore della batteria, mai sulla via d’uscita e mai senza sorveglianza.",
      "Una batteria gonfia, calda, bagnata dentro, caduta o che segnala un guasto non si usa e non si carica.",
      "Provare i due freni prima di ogni uscita: tirati, il motore deve fermarsi subito.",
      "Controllare dopo 100 km, poi ogni 500 km: dadi dell’asse, braccio di coppia, connettori, magnete del raggio.",
      "Se il motore spinge ancora, parte da solo o supera la sua velocità: fermarsi e venire in officina.",
    ],
  },
};

/** The papers a rider takes along, in French. Names of lines, displays and classes stay as they are. */
import type { PaperWords } from "./paperWords";
import { numbersOf, spokenIn } from "./spoken";

const LOCALE = "fr-FR";
const said = numbersOf(LOCALE);

export const FRENCH: PaperWords = {
  language: "fr",
  unchecked: "Formulé par machine, à vérifier.",
  title: "Carte du propriétaire",
  stamps: {
    "planned-not-set": "Prévu, non réglé",
    "under-way": "Réglage en cours, pas encore complet",
    "not-read-back": "Réglé, comme indiqué ; non relu",
    "partly-read-back": "Pas entièrement relu",
    "read-back": null,
  },
  newBike: "Nouveau vélo",
  noClass: "sans catégorie",
  facts: {
    cap: "L’assistance s’arrête à",
    levels: "Niveaux",
    throttle: "Accélérateur",
    walk: "Aide à la marche",
    cruise: "Régulateur de vitesse",
    lamp: "Éclairage",
    trip: "Compteur journalier",
    clock: "Horloge",
    autoOff: "S’éteint seul",
    lock: "Verrouillage",
    cutOff: "La batterie coupe à",
  },
  ...spokenIn(LOCALE),
  cap: (trueSpeed, shown) => `${trueSpeed} réels, ${shown} réglés`,
  uncapped: "sans limite",
  measured: "mesuré, voir la fiche d’atelier",
  levels: (least, most, startsIn) =>
    `${least} à ${most}` +
    (startsIn === null ? "" : `, démarre au ${startsIn === "last-used" ? "dernier utilisé" : `niveau ${startsIn}`}`),
  throttle: { off: "désactivé", "follows-level": "suit le niveau", full: "toujours à fond" },
  noThrottle: "aucun monté",
  pedalFirst: "seulement en pédalant",
  rollFirst: "seulement quand le vélo roule",
  pullsAtOnce: "tire dès l’arrêt",
  walk: (speed) =>
    speed === null ? "active tant que sa touche est tenue" : `active, jusqu’à ${speed}, tant que sa touche est tenue`,
  walkOff: "désactivée",
  cruise: { on: "actif : garde la vitesse tout seul", off: "désactivé" },
  cruiseOut: "freiner l’arrête",
  lamp: { manual: "par sa touche", automatic: "seul dans l’obscurité", flashing: "clignote" },
  trip: { manual: "à remettre à zéro vous-même", "at-power-off": "remis à zéro à l’arrêt" },
  clock: (line) => `réglée dans le menu, ligne ${line}`,
  autoOff: (minutes) => `après ${minutes} min à l’arrêt`,
  neverOff: "jamais : éteignez-le vous-même",
  locked: "demande votre numéro au démarrage. Personne d’autre ne l’a : sans lui, pas de retour possible.",
  cutOff: (volts) => `${said(volts)} V. Rechargez bien avant.`,
  notSet: (value) => `${value} · prévu, non réglé`,
  notReadBack: (value) => `${value} · prévu, non relu`,
  elsewhere: "voir la fiche d’atelier",
  eachLevel: "Chaque niveau",
  level: "Niveau",
  steady: "Plat, stabilisé",
  range: "Autonomie",
  from: { measured: "mesuré", foretold: "calculé" },
  levelsNote: "Calculé : pour ce moteur, cette batterie et un cycliste moyen. Vent, côtes et froid le changent.",
  keys: "Vos touches",
  deeds: {
    "power-on": "allume",
    "power-off": "éteint",
    "start-walk-assist": "aide à la marche : le moteur tourne tant que la touche est tenue",
    "step-level": "change de niveau",
    "next-mode": "passe au mode suivant",
    "toggle-lamp": "commande l’éclairage",
    "toggle-hazard-lamp": "commande les feux de détresse",
    "next-info": "affiche l’indication suivante",
    "open-monitor": "affiche les mesures, en lecture seule",
    "start-cruise": "régulateur : le moteur garde la vitesse",
    "end-cruise": "arrête le régulateur",
    "step-backlight": "change la luminosité jusqu’à l’extinction",
  },
  up: "vers le haut",
  down: "vers le bas",
  tapped: "appui court",
  tappedTwice: "deux appuis courts",
  held: (seconds) => `tenue ${said(seconds)} s`,
  whileItShows: (infoLine) => `pendant que ${infoLine} est affiché`,
  within: (seconds) => `dans les ${said(seconds)} s après l’allumage`,
  laterThan: (seconds) => `plus de ${said(seconds)} s après l’allumage`,
  wheelStill: "à l’arrêt",
  screen: "Votre écran",
  screenParts: {
    speed: "vitesse",
    battery: "batterie",
    level: "niveau",
    info: "indication qui change",
    signs: "éclairage et autres signes",
    mode: "mode, par couleur ou mot",
  },
  codes: "Si un code s’affiche",
  trouble: {
    "code-brake": {
      means: "un levier de frein est vu comme serré",
      first: "laissez revenir les deux leviers ; voyez si l’un colle",
    },
    "code-battery-low": { means: "batterie faible", first: "rechargez ; si elle est pleine, rebranchez sa fiche" },
    "code-motor": { means: "moteur ou son câble", first: "rebranchez la fiche du moteur, puis passez à l’atelier" },
    "code-throttle": { means: "accélérateur", first: "laissez-le revenir, éteignez et rallumez" },
    "code-controller": { means: "contrôleur", first: "éteignez et rallumez ; s’il reste, passez à l’atelier" },
    "code-display-hears-nothing": { means: "l’écran ne reçoit rien", first: "rebranchez la fiche de l’écran" },
    "code-controller-hears-nothing": { means: "le contrôleur ne reçoit rien", first: "rebranchez la fiche de l’écran" },
    "code-battery-management": {
      means: "la batterie se protège",
      first: "ne plus l’utiliser ni la charger, la mettre dehors, passez à l’atelier",
    },
    "code-hot": { means: "trop chaud", first: "laissez refroidir ; montez à un niveau plus haut en pédalant" },
    "code-speed-sensor": { means: "vitesse non captée", first: "voyez si l’aimant du rayon a bougé" },
  },
  otherCode: "éteignez et rallumez ; s’il reste, passez à l’atelier",
  takeAlong: {
    "slides-off":
      "Contre le vol, faites glisser l’écran hors de son support et emportez-le ; éteignez " +
      "d’abord, et poussez-le à fond au retour.",
    "turns-off":
      "Contre le vol, tournez l’écran d’un quart de tour et emportez-le ; éteignez " +
      "d’abord, et remettez-le de même au retour.",
    stays: "L’écran reste sur le vélo : éteignez-le et attachez le vélo.",
    "not-said":
      "Contre le vol, emportez l’écran s’il se retire ; éteignez d’abord, et enfoncez bien " + "sa fiche au retour.",
  },
  whileRiding: "Ne lisez jamais l’écran en roulant.",
  notForRoads: "Pas pour la voie publique.",
  throttleLive:
    "Allumé, l’accélérateur est actif : un contact fait avancer le vélo. N’y touchez pas avant d’être assis.",
  heldFor: (set) =>
    "Vitesse, courant et coupure ont été " +
    (set ? "réglés" : "prévus") +
    " pour ce pneu, ce moteur et cette batterie : si l’un change, ces chiffres ne valent plus.",
  label: "Plaque :",
  noLabel: "Aucune catégorie sur cette carte : ce qui s’y oppose figure sur la fiche d’atelier.",
  checked: "Vérifié d’après le texte de la catégorie, non certifié.",
  notProven: "Pas encore prouvé.",
  wayBack: {
    title: "Carte de retour",
    goesAlong: "Cette carte reste avec le vélo.",
    nothing: "Rien n’a été changé : l’écran est tel qu’il a été trouvé.",
    from: (presses, seconds) =>
      `De l’écran d’accueil à l’état trouvé : ${presses} appuis, ${said(seconds, 0)} s. Roue levée ` +
      `du sol, ou frein serré.`,
    proveAgain:
      "Tel que trouvé, le vélo n’a pas été jugé sûr ni conforme à une catégorie. À prouver de nouveau après le retour.",
    toRoad: (className) => `Retour sur route : ${className}`,
    fromToRoad: (presses, seconds) =>
      `De l’écran d’accueil à cette catégorie : ${presses} appuis, ${said(seconds, 0)} s. ` +
      "Roue levée du sol, ou frein serré.",
    proveRoad:
      "Relisez ensuite chaque ligne et mesurez où l’assistance s’arrête : alors seulement c’est de nouveau cette catégorie.",
    steps: {
      "switch-on": "Allumer",
      open: "Ouvrir le menu",
      code: "Entrer le code",
      go: "Continuer",
      line: "Ligne suivante",
      save: "Enregistrer",
      leave: "Quitter le menu",
      "switch-off": "Éteindre",
      wait: "Attendre",
      procedure: "Tenir les touches",
    },
    goInto: (page) => `Entrer dans ${page}`,
    taps: (times) => (times === 1 ? "1 appui" : `${times} appuis`),
    hold: (seconds) => `tenir ${said(seconds)} s`,
    keepHolding: (seconds, kept, more) => `tenir ${said(seconds)} s, puis seulement ${kept} encore ${said(more)} s`,
    doubleTap: "deux appuis courts",
    holdUntil: (shows) => (shows === null ? "tenir" : `tenir jusqu’à ${shows}`),
    wait: (seconds) => `attendre ${said(seconds)} s`,
    toLine: (code) => `jusqu’à la ligne ${code}`,
    lineShows: (code, shows) => `la ligne ${code} affiche ${shows}`,
    then: ", puis ",
  },
  care: {
    title: "Entretien et limites",
    stale: "Nouveau pneu, batterie, moteur, contrôleur ou écran : ces chiffres ne valent plus, revenez nous voir.",
    rules: [
      "Chargez avec le chargeur livré avec la batterie, jamais sur une issue et jamais sans surveillance.",
      "Une batterie gonflée, chaude, mouillée à l’intérieur, tombée ou qui signale un défaut ne s’utilise plus et ne se charge plus.",
      "Essayez les deux freins avant chaque sortie : serrés, le moteur doit s’arrêter aussitôt.",
      "Contrôlez après 100 km, puis tous les 500 km : écrous d’axe, bras de couple, fiches, aimant du rayon.",
      "Si le moteur pousse encore, démarre seul ou dépasse sa vitesse : arrêtez et passez à l’atelier.",
    ],
  },
};

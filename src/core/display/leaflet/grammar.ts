/**
 * Words that carry a leaflet's structure, for each language it may be in: what introduces a maker's value, what stands
 * between the ends of a range, what means none. Small letters without marks, as `folded` makes them. Words of the trade
 * and of everyday language; common practice, no source.
 */

export interface Grammar {
  /** Before the value: "default 3". */
  readonly defaultBefore: readonly string[];
  /** After it: "3 as delivered". */
  readonly defaultAfter: readonly string[];
  /** Between the ends of a range. */
  readonly to: readonly string[];
  readonly or: readonly string[];
  /** Between a number and what it stands for. */
  readonly stands: readonly string[];
  readonly step: readonly string[];
  /** No limit, never: a value of a range that stands for none. */
  readonly none: readonly string[];
  /** What somebody's own display stands at: no maker's value. */
  readonly own: readonly string[];
  /** Said by somebody who does not know what a line does. */
  readonly noIdea: readonly string[];
  /** Words before a thing that are no value of anything. */
  readonly articles: readonly string[];
  /** Words no row ends with that does not go on in the next. */
  readonly goesOn: readonly string[];
  /** What a number, or what comes of it, is compared by. */
  readonly larger: readonly string[];
  readonly smaller: readonly string[];
  readonly gentler: readonly string[];
  readonly livelier: readonly string[];
  /** Before what must be so for a line to matter. */
  readonly onlyIf: readonly string[];
  /** Deeds a menu lists among its lines. */
  readonly restore: readonly string[];
  readonly "clear-trip": readonly string[];
  readonly "clear-odometer": readonly string[];
  readonly readOnly: readonly string[];
  readonly noEffect: readonly string[];
  /** Keywords before the number of a line in prose. */
  readonly line: readonly string[];
  readonly columns: Readonly<
    Record<"code" | "name" | "range" | "default" | "min" | "max" | "step" | "unit", readonly string[]>
  >;
}

const ENGLISH: Grammar = {
  defaultBefore: [
    "default(?: value| setting)?",
    "factory(?: setting| default| value)?",
    "preset",
    "initial",
    "standard",
    "std\\.?",
    "(?:initial|base|start(?:ing)?) value",
    "ex[- ]?(?:works|factory)",
    "leave factory",
    "sen[dt] (?:it )?out at",
    "came (?:set )?(?:at|to|on)",
    "common is",
    "def\\.?",
    "set at",
    "original value",
    "as sold",
    "ship(?:s|ped) (?:set )?(?:at|as|with|on|to)",
    "deliver(?:ed|s) (?:with|at|as)",
    "we (?:deliver|ship|supply)(?: it)?(?: (?:with|at|as|on))?",
    "out of the box(?: it's| it is)?",
    "com(?:es?|ing) (?:set )?(?:at|to|on|as)",
    "we set",
  ],
  defaultAfter: [
    "as delivered",
    "by default",
    "ex works",
    "from (?:the )?(?:factory|works|new)",
    "set at (?:the )?(?:works|factory)",
    "when (?:new|delivered)",
    "factory",
    "default",
  ],
  to: ["to", "until", "till", "up to", "through", "thru"],
  or: ["or", "and"],
  stands: ["is", "means?", "for", "stands for", "selects"],
  step: ["steps? of", "steps?", "precision", "increments? of", "in steps of"],
  none: [
    "no limit\\w*",
    "not limit\\w*",
    "unlimited",
    "without limit",
    "no cap",
    "never",
    "is not \\w+",
    "uncapped",
    "not? restrict\\w*",
  ],
  own: ["mine", "my(?: own)?", "i (?:keep|have|left|set|use)", "left it", "currently", "now at", "stood at"],
  noIdea: ["no idea", "not sure", "don't know", "dunno", "no clue"],
  articles: ["the", "an"],
  goesOn: ["to", "is", "of", "and", "or", "from", "than", "the", "a"],
  larger: ["high(?:er|est)", "larg(?:er|est)", "bigg(?:er|est)", "great(?:er|est)", "up is"],
  smaller: ["low(?:er|est)", "small(?:er|est)", "less(?:er)?"],
  gentler: [
    "soft(?:er|est|ly)?",
    "gentl(?:er|est|e|y)",
    "slow(?:er|est|ly)?",
    "late(?:r|st)?",
    "laz(?:y|ier)",
    "smooth(?:er|est)?",
    "weak(?:er|est)?",
    "mild(?:er|est)?",
    "calm(?:er|est)?",
    "dark(?:er|est)?",
    "dim(?:mer|mest)?",
  ],
  livelier: [
    "strong(?:er|est)?",
    "hard(?:er|est)?",
    "fast(?:er|est)?",
    "soon(?:er|est)?",
    "quick(?:er|est)?",
    "earl(?:y|ier|iest)",
    "sharp(?:er|est)?",
    "(?:more )?(?:aggressive|sensitive|powerful|direct)",
    "bright(?:er|est)?",
    "stiff(?:er|est)?",
    "liveli?(?:y|er|est)",
  ],
  onlyIf: [
    "only (?:if|when|with|for|while|works? (?:if|when|with)|valid (?:if|when|with)|shows? (?:up )?(?:if|when))",
    "(?:valid|applies|works|shown|matters) (?:only )?(?:if|when|while)",
    "if fitted with",
  ],
  restore: [
    "restor\\w+",
    "reset (?:to )?(?:all|factory|everything|default)",
    "factory reset",
    "forget all",
    "reset\\W*$",
    "back to (?:factory|defaults?)",
  ],
  "clear-trip": ["(?:reset|clear|zero|delete) (?:the )?trip", "trip (?:reset|clear)"],
  "clear-odometer": ["(?:reset|clear|zero|delete) (?:the )?(?:odo\\w*|total)", "odo\\w* (?:reset|clear)"],
  readOnly: ["read[- ]?only", "cannot be changed", "for information", "shown only", "display only", "only shown"],
  noEffect: [
    "reserved",
    "no effect",
    "not (?:in |for )?used?",
    "unused",
    "no use",
    "does nothing",
    "no function",
    "no meaning",
    "zero using",
  ],
  line: [
    "setting",
    "parameter",
    "item",
    "menu point",
    "menu",
    "number",
    "line",
    "position",
    "point",
    "no\\.?",
    "step",
    "param",
    "par",
  ],
  columns: {
    code: ["code", "no\\.?$", "line", "menu", "id", "#", "idx", "index", "par\\.?$", "param\\.?$", "key"],
    name: ["name", "label", "function", "item", "parameter", "meaning", "description", "setting", "what"],
    range: ["range", "values?", "options?", "scope", "adjustable", "choices?"],
    default: [
      "default",
      "factory",
      "preset",
      "initial",
      "standard",
      "std",
      "set to",
      "as delivered",
      "as sold",
      "delivered",
      "shipped",
      "ex[- ]?works",
    ],
    min: ["mini?\\.?(?:mum)?", "from", "low"],
    max: ["maxi?\\.?(?:mum)?", "to", "high"],
    step: ["step", "increment"],
    unit: ["units?"],
  },
};

const GERMAN: Grammar = {
  defaultBefore: [
    "werkseinstellung",
    "(?:ab )?werk",
    "(?:anfangs|grund|ausgangs)(?:wert|einstellung)",
    "vorgabe",
    "voreinstellung",
    "standard(?:wert)?",
    "voreingestellt",
    "geliefert(?: wird)? mit",
    "ausgeliefert mit",
  ],
  defaultAfter: ["ab werk", "voreingestellt"],
  to: ["bis(?: zu)?"],
  or: ["oder", "und"],
  stands: ["ist", "bedeutet", "steht fur", "heisst", "fur"],
  step: ["schritt(?:e|weite)?", "in schritten von"],
  none: ["keine? (?:grenze|begrenzung|abschaltung)", "unbegrenzt", "nie", "ohne begrenzung", "offen"],
  own: ["bei mir", "mein\\w*", "steht (?:bei mir )?auf", "aktuell"],
  noIdea: ["keine ahnung", "weiss nicht", "unklar"],
  articles: ["der", "die", "das", "am", "von"],
  goesOn: ["bis", "ist", "und", "oder", "von", "der", "die"],
  larger: ["hoher", "hochste\\w*", "gro(?:ss|ß)er", "gro(?:ss|ß)te\\w*", "mehr"],
  smaller: ["niedriger", "kleiner", "tiefer", "weniger"],
  gentler: [
    "sanft(?:er|este\\w*)?",
    "weich(?:er|este\\w*)?",
    "langsam(?:er|ste\\w*)?",
    "spater",
    "trager",
    "schwach(?:er|ste\\w*)?",
    "dunkel",
    "dunkler",
    "ruhiger",
  ],
  livelier: [
    "stark(?:er|ste\\w*)?",
    "hart(?:er|este\\w*)?",
    "harter",
    "starker",
    "schnell(?:er|ste\\w*)?",
    "fruher",
    "direkter",
    "bissiger",
    "empfindlicher",
    "hell(?:er|ste\\w*)?",
    "kraftiger",
  ],
  onlyIf: ["nur (?:wenn|bei|falls|mit|solange|fur)", "gilt (?:nur )?(?:wenn|bei|fur)", "wirkt (?:nur )?(?:wenn|bei)"],
  restore: ["(?:zu)?rucksetzen", "zuruck ?setzen", "wiederherstell\\w*", "werksreset"],
  "clear-trip": ["tages\\w* (?:loschen|zurucksetzen|nullen)"],
  "clear-odometer": ["gesamt\\w* (?:loschen|zurucksetzen|nullen)"],
  readOnly: ["nur (?:lesen|anzeige)", "nicht anderbar"],
  noEffect: ["reserviert", "ohne wirkung", "ohne funktion", "nicht belegt"],
  line: ["menupunkt", "punkt", "zeile", "einstellung", "parameter", "nr\\.?", "position"],
  columns: {
    code: ["nr\\.?$", "punkt", "zeile", "code", "menu"],
    name: ["name", "was", "bedeutung", "funktion", "bezeichnung", "beschreibung"],
    range: ["bereich", "werte", "auswahl", "moglich\\w*"],
    default: [
      "vorgabe",
      "werk(?:s?einstellung|swert)?",
      "standard",
      "voreinstellung",
      "auslieferung",
      "liefer\\w*",
      "ab werk",
    ],
    min: ["min\\.?", "von", "kleinster"],
    max: ["max\\.?", "bis", "grosster"],
    step: ["schritt"],
    unit: ["einheit"],
  },
};

const FRENCH: Grammar = {
  defaultBefore: [
    "valeur d'usine",
    "d'usine",
    "par defaut",
    "(?:il |elle )?(?:est )?livree? a",
    "reglage d'usine",
    "usine",
    "defaut",
    "valeur initiale",
    "(?:elle|il) arrive a",
  ],
  defaultAfter: ["par defaut", "d'usine", "a la livraison"],
  to: ["a", "au", "jusqu'a"],
  or: ["ou", "et"],
  stands: ["est", "signifie", "pour", "veut dire"],
  step: ["pas de", "par pas de", "pas"],
  none: ["sans limite", "jamais", "illimite\\w*", "pas de limite", "aucune limite"],
  own: ["chez moi", "mon", "ma", "actuellement", "j'ai"],
  noIdea: ["aucune idee", "je ne sais pas"],
  articles: ["le", "la", "les", "du", "des"],
  goesOn: ["est", "et", "ou", "de", "la"],
  larger: ["plus (?:grand|haut|eleve)\\w*", "augmenter"],
  smaller: ["plus (?:petit|bas|faible)\\w*"],
  gentler: ["(?:plus )?(?:doux|douce|lent|lente|tardif|souple|progressif|mou)", "plus tard"],
  livelier: ["(?:plus )?(?:fort|forte|dur|dure|rapide|sensible|vif|nerveux|brutal|lumineux)", "plus tot"],
  onlyIf: ["seulement (?:si|avec|quand|pour)", "uniquement (?:si|avec|quand|pour)", "valable (?:si|avec)"],
  restore: ["reinitialis\\w*", "remise a zero", "retour (?:aux )?(?:reglages|valeurs) d'usine", "restaur\\w*"],
  "clear-trip": ["(?:effacer|raz)\\s+(?:le )?(?:trajet|trip|partiel)"],
  "clear-odometer": ["(?:effacer|raz)\\s+(?:le )?(?:total|odometre)"],
  readOnly: ["lecture seule", "non modifiable"],
  noEffect: ["reserve", "sans effet", "non utilise"],
  line: ["n°", "parametre", "reglage", "ligne", "point", "menu"],
  columns: {
    code: ["code", "ligne", "n°"],
    name: ["nom", "fonction", "designation", "description", "reglage"],
    range: ["plage", "valeurs?", "choix"],
    default: ["defaut", "usine", "d'usine"],
    min: ["min\\.?", "de"],
    max: ["max\\.?", "a"],
    step: ["pas"],
    unit: ["unite"],
  },
};

const SPANISH: Grammar = {
  defaultBefore: [
    "de fabrica",
    "por defecto",
    "predeterminado",
    "valor de fabrica",
    "fabrica",
    "viene en",
    "viene con",
    "valor inicial",
  ],
  defaultAfter: ["de fabrica", "por defecto"],
  to: ["a", "al", "hasta"],
  or: ["o", "u", "y", "e"],
  stands: ["es", "significa", "para"],
  step: ["paso(?: de)?", "en pasos de"],
  none: ["sin limite", "nunca", "ilimitad\\w*", "sin restriccion"],
  own: ["el mio", "lo tengo", "actualmente", "mi"],
  noIdea: ["ni idea", "no se"],
  articles: ["el", "lo", "los"],
  goesOn: ["es", "y", "o", "de", "la"],
  larger: ["mayor", "mas (?:alto|grande)", "cuanto mas"],
  smaller: ["menor", "mas (?:bajo|pequeno)"],
  gentler: ["(?:mas )?(?:suave|lento|lenta|tarde|blando)"],
  livelier: ["(?:mas )?(?:fuerte|rapido|rapida|sensible|brusco|duro|brillante|pronto)"],
  onlyIf: ["solo (?:si|con|cuando|para)", "unicamente (?:si|con)"],
  restore: ["restablec\\w*", "restaur\\w*", "volver a (?:los )?valores de fabrica", "reinici\\w*"],
  "clear-trip": ["(?:borrar|poner a cero) (?:el )?(?:viaje|parcial)"],
  "clear-odometer": ["(?:borrar|poner a cero) (?:el )?(?:total|odometro)"],
  readOnly: ["solo lectura", "no modificable"],
  noEffect: ["reservado", "sin efecto", "sin funcion", "no se usa"],
  line: ["parametro", "ajuste", "linea", "punto", "menu", "opcion"],
  columns: {
    code: ["codigo", "linea", "n°"],
    name: ["nombre", "funcion", "descripcion", "parametro"],
    range: ["rango", "valores", "opciones"],
    default: ["fabrica", "de fabrica", "defecto", "predeterminado"],
    min: ["min\\.?", "desde"],
    max: ["max\\.?", "hasta"],
    step: ["paso"],
    unit: ["unidad(?:es)?"],
  },
};

const ITALIAN: Grammar = {
  defaultBefore: [
    "valore iniziale",
    "predefinit[oa]",
    "di fabbrica",
    "valore di fabbrica",
    "impostazione di fabbrica",
    "preimpostat[oa]",
  ],
  defaultAfter: ["di fabbrica", "predefinit[oa]"],
  to: ["a", "al", "fino a"],
  or: ["o", "oppure", "e"],
  stands: ["e", "significa", "per"],
  step: ["passo(?: di)?", "a passi di"],
  none: ["senza limit[ei]", "mai", "illimitat\\w*", "nessun limite"],
  own: ["il mio", "attualmente", "ho messo"],
  noIdea: ["nessuna idea", "non so"],
  articles: ["il", "lo", "di"],
  goesOn: ["e", "di", "da", "il"],
  larger: ["maggiore", "piu (?:alto|grande)"],
  smaller: ["minore", "piu (?:basso|piccolo)"],
  gentler: ["(?:piu )?(?:dolce|morbido|morbida|lento|lenta|tardi|graduale)"],
  livelier: ["(?:piu )?(?:forte|duro|rapido|rapida|sensibile|brusco|luminoso|presto)"],
  onlyIf: ["solo (?:se|con|quando|per)", "soltanto (?:se|con)"],
  restore: ["ripristin\\w*", "reimposta\\w*"],
  "clear-trip": ["azzera\\w* (?:il )?(?:parziale|viaggio)"],
  "clear-odometer": ["azzera\\w* (?:il )?(?:totale|odometro)"],
  readOnly: ["sola lettura", "non modificabile"],
  noEffect: ["riservato", "senza effetto", "non usato"],
  line: ["parametro", "impostazione", "riga", "punto", "voce"],
  columns: {
    code: ["codice", "riga", "n°", "par\\.?$"],
    name: ["nome", "funzione", "descrizione", "voce"],
    range: ["intervallo", "valori", "campo"],
    default: ["predefinito", "fabbrica", "di fabbrica"],
    min: ["min\\.?", "da"],
    max: ["max\\.?", "a"],
    step: ["passo"],
    unit: ["unita"],
  },
};

const DUTCH: Grammar = {
  defaultBefore: [
    "standaard(?:waarde)?",
    "fabrieksinstelling",
    "af fabriek",
    "voorinstelling",
    "(?:komt|staat af fabriek) op",
  ],
  defaultAfter: ["af fabriek", "standaard"],
  to: ["tot(?: en met)?", "t/m"],
  or: ["of", "en"],
  stands: ["is", "betekent", "staat voor", "voor"],
  step: ["stap(?:pen)?(?: van)?", "in stappen van"],
  none: ["geen (?:limiet|begrenzing)", "nooit", "onbegrensd", "zonder limiet"],
  own: ["bij mij", "mijn", "stond op", "staat op", "nu op"],
  noIdea: ["geen idee", "weet niet"],
  articles: ["het", "de", "van"],
  goesOn: ["en", "of", "van", "tot", "de"],
  larger: ["hoger", "groter", "meer"],
  smaller: ["lager", "kleiner", "minder"],
  gentler: [
    "zacht(?:er|st\\w*)?",
    "rustig(?:er|st\\w*)?",
    "langza(?:am|mer)",
    "later",
    "trager",
    "zwakker",
    "soepeler",
    "donker(?:der)?",
  ],
  livelier: [
    "sterk(?:er|st\\w*)?",
    "hard(?:er|st\\w*)?",
    "snel(?:ler|st\\w*)?",
    "eerder",
    "gevoeliger",
    "feller",
    "directer",
    "krachtiger",
  ],
  onlyIf: ["alleen (?:als|met|bij|wanneer|voor)", "enkel (?:als|met|bij)", "geldt (?:alleen )?(?:als|bij)"],
  restore: ["terugzetten", "herstel\\w*", "fabrieksreset"],
  "clear-trip": ["(?:dagteller|rit) (?:wissen|nullen)"],
  "clear-odometer": ["totaal\\w* (?:wissen|nullen)"],
  readOnly: ["alleen lezen", "niet te wijzigen"],
  noEffect: ["gereserveerd", "zonder functie", "niet gebruikt"],
  line: ["instelling", "regel", "punt", "parameter", "menu"],
  columns: {
    code: ["code", "regel", "nr\\.?$"],
    name: ["naam", "functie", "omschrijving", "betekenis"],
    range: ["bereik", "waarden", "keuze"],
    default: ["standaard", "fabriek"],
    min: ["min\\.?", "van"],
    max: ["max\\.?", "tot"],
    step: ["stap"],
    unit: ["eenheid"],
  },
};

export const GRAMMARS: readonly Grammar[] = [ENGLISH, GERMAN, FRENCH, SPANISH, ITALIAN, DUTCH];

type Words = Exclude<keyof Grammar, "columns">;

/** All words of one kind, of every language, as an alternation; the longest first. */
export const anyOf = (kind: Words): string =>
  [...new Set(GRAMMARS.flatMap((grammar) => grammar[kind]))].sort((a, b) => b.length - a.length).join("|");

/** All headings of one column, of every language, as an alternation. */
export const anyHeading = (column: keyof Grammar["columns"]): string =>
  [...new Set(GRAMMARS.flatMap(({ columns }) => columns[column]))].sort((a, b) => b.length - a.length).join("|");

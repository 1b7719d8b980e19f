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
    "std",
    "ex[- ]?(?:works|factory)",
    "leave factory",
    "sen[dt] (?:it )?out at",
    "came (?:set )?(?:at|to|on)",
    "common is",
    "def\\.?",
    "set at",
    "original value",
    "as sold",
    "ship(?:s|ped) (?:at|as|with)",
    "deliver(?:ed|s) (?:with|at|as)",
    "we set",
  ],
  defaultAfter: ["as delivered", "by default", "ex works", "from the factory"],
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
  readOnly: ["read[- ]?only", "cannot be changed", "for information"],
  noEffect: ["reserved", "no effect", "not used", "no function", "no meaning", "zero using"],
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
  ],
  columns: {
    code: ["code", "no\\.?$", "line", "menu", "id", "#"],
    name: ["name", "function", "item", "parameter", "meaning", "description", "setting", "what"],
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
    "ab werk",
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
  readOnly: ["nur (?:lesen|anzeige)", "nicht anderbar"],
  noEffect: ["reserviert", "ohne wirkung", "ohne funktion", "nicht belegt"],
  line: ["menupunkt", "punkt", "zeile", "einstellung", "parameter", "nr\\.?", "position"],
  columns: {
    code: ["nr\\.?$", "punkt", "zeile", "code", "menu"],
    name: ["name", "bedeutung", "funktion", "bezeichnung", "beschreibung"],
    range: ["bereich", "werte", "auswahl"],
    default: ["vorgabe", "werk(?:s?einstellung|swert)?", "standard", "voreinstellung", "auslieferung"],
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
  ],
  defaultAfter: ["par defaut", "d'usine", "a la livraison"],
  to: ["a", "jusqu'a"],
  or: ["ou", "et"],
  stands: ["est", "signifie", "pour", "veut dire"],
  step: ["pas de", "par pas de", "pas"],
  none: ["sans limite", "jamais", "illimite\\w*", "pas de limite", "aucune limite"],
  own: ["chez moi", "mon", "ma", "actuellement", "j'ai"],
  noIdea: ["aucune idee", "je ne sais pas"],
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
  ],
  defaultAfter: ["de fabrica", "por defecto"],
  to: ["a", "hasta"],
  or: ["o", "u", "y", "e"],
  stands: ["es", "significa", "para"],
  step: ["paso(?: de)?", "en pasos de"],
  none: ["sin limite", "nunca", "ilimitad\\w*", "sin restriccion"],
  own: ["el mio", "lo tengo", "actualmente", "mi"],
  noIdea: ["ni idea", "no se"],
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
  defaultBefore: ["predefinit[oa]", "di fabbrica", "valore di fabbrica", "impostazione di fabbrica", "preimpostat[oa]"],
  defaultAfter: ["di fabbrica", "predefinit[oa]"],
  to: ["a", "fino a"],
  or: ["o", "oppure", "e"],
  stands: ["e", "significa", "per"],
  step: ["passo(?: di)?", "a passi di"],
  none: ["senza limit[ei]", "mai", "illimitat\\w*", "nessun limite"],
  own: ["il mio", "attualmente", "ho messo"],
  noIdea: ["nessuna idea", "non so"],
  readOnly: ["sola lettura", "non modificabile"],
  noEffect: ["riservato", "senza effetto", "non usato"],
  line: ["parametro", "impostazione", "riga", "punto", "voce"],
  columns: {
    code: ["codice", "riga", "n°"],
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
  defaultBefore: ["standaard(?:waarde)?", "fabrieksinstelling", "af fabriek", "voorinstelling"],
  defaultAfter: ["af fabriek", "standaard"],
  to: ["tot(?: en met)?", "t/m"],
  or: ["of", "en"],
  stands: ["is", "betekent", "staat voor", "voor"],
  step: ["stap(?:pen)?(?: van)?", "in stappen van"],
  none: ["geen (?:limiet|begrenzing)", "nooit", "onbegrensd", "zonder limiet"],
  own: ["bij mij", "mijn", "stond op", "staat op", "nu op"],
  noIdea: ["geen idee", "weet niet"],
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

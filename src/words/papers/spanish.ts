/** The papers a rider takes along, in Spanish. Names of lines, displays and classes stay as they are. */
import type { PaperWords } from "./paperWords";
import { numbersOf, spokenIn } from "./spoken";

const LOCALE = "es-ES";
const said = numbersOf(LOCALE);

export const SPANISH: PaperWords = {
  language: "es",
  unchecked: "Texto hecho por máquina, compruébelo.",
  title: "Tarjeta del dueño",
  stamps: {
    "planned-not-set": "Previsto, no ajustado",
    "under-way": "Ajuste en curso, aún incompleto",
    "not-read-back": "Ajustado, según se dijo; no releído",
    "partly-read-back": "No todo releído",
    "read-back": null,
  },
  newBike: "Bici nueva",
  noClass: "sin categoría",
  facts: {
    cap: "La asistencia acaba a",
    levels: "Niveles",
    throttle: "Acelerador",
    walk: "Ayuda al caminar",
    cruise: "Control de crucero",
    lamp: "Luz",
    trip: "Cuentakilómetros parcial",
    clock: "Reloj",
    autoOff: "Se apaga solo",
    lock: "Bloqueo",
    cutOff: "La batería corta a",
  },
  ...spokenIn(LOCALE),
  cap: (trueSpeed, shown) => `${trueSpeed} reales, ${shown} ajustados`,
  uncapped: "sin límite",
  measured: "medido, véase la hoja de taller",
  levels: (least, most, startsIn) =>
    `${least} a ${most}` +
    (startsIn === null ? "" : `, arranca en ${startsIn === "last-used" ? "el último usado" : `el nivel ${startsIn}`}`),
  throttle: { off: "desactivado", "follows-level": "sigue el nivel", full: "siempre al máximo" },
  noThrottle: "no montado",
  pedalFirst: "solo al pedalear",
  rollFirst: "solo con la bici en marcha",
  pullsAtOnce: "tira desde parado",
  walk: (speed) =>
    speed === null ? "activa mientras se mantiene su tecla" : `activa, hasta ${speed}, mientras se mantiene su tecla`,
  walkOff: "desactivada",
  cruise: { on: "activo: mantiene la velocidad solo", off: "desactivado" },
  cruiseOut: "frenar lo termina",
  lamp: { manual: "con su tecla", automatic: "sola en la oscuridad", flashing: "parpadea" },
  trip: { manual: "lo pone a cero usted", "at-power-off": "a cero al apagar" },
  clock: (line) => `se pone en hora en el menú, línea ${line}`,
  autoOff: (minutes) => `tras ${minutes} min parado`,
  neverOff: "nunca: apáguelo usted",
  locked: "pide su número al arrancar. Nadie más lo tiene: sin él no hay vuelta atrás.",
  cutOff: (volts) => `${said(volts)} V. Cargue bastante antes.`,
  notSet: (value) => `${value} · previsto, no ajustado`,
  notReadBack: (value) => `${value} · previsto, no releído`,
  elsewhere: "véase la hoja de taller",
  eachLevel: "Cada nivel",
  level: "Nivel",
  steady: "Llano, estable",
  range: "Autonomía",
  from: { measured: "medido", foretold: "calculado" },
  levelsNote:
    "Calculado: para este motor, esta batería y un ciclista medio. El viento, las cuestas y el frío lo cambian.",
  keys: "Sus teclas",
  deeds: {
    "power-on": "enciende",
    "power-off": "apaga",
    "start-walk-assist": "ayuda al caminar: el motor gira mientras se mantiene",
    "step-level": "cambia de nivel",
    "next-mode": "pasa al modo siguiente",
    "toggle-lamp": "enciende y apaga la luz",
    "toggle-hazard-lamp": "enciende y apaga las luces de emergencia",
    "next-info": "muestra el dato siguiente",
    "open-monitor": "muestra las medidas, solo lectura",
    "start-cruise": "crucero: el motor mantiene la velocidad",
    "end-cruise": "termina el crucero",
    "step-backlight": "cambia el brillo hasta apagar",
  },
  up: "hacia arriba",
  down: "hacia abajo",
  tapped: "pulsada",
  tappedTwice: "pulsada dos veces",
  held: (seconds) => `mantenida ${said(seconds)} s`,
  whileItShows: (infoLine) => `mientras muestra ${infoLine}`,
  within: (seconds) => `en los ${said(seconds)} s tras encender`,
  laterThan: (seconds) => `más de ${said(seconds)} s tras encender`,
  wheelStill: "con la rueda parada",
  screen: "Su pantalla",
  screenParts: {
    speed: "velocidad",
    battery: "batería",
    level: "nivel",
    info: "dato que cambia",
    signs: "luz y otros signos",
    mode: "modo, por color o palabra",
  },
  codes: "Si muestra un código",
  trouble: {
    "code-brake": {
      means: "una maneta de freno cuenta como apretada",
      first: "suelte ambas manetas; mire si una se queda",
    },
    "code-battery-low": { means: "batería baja", first: "cárguela; si está llena, vuelva a encajar su conector" },
    "code-motor": { means: "motor o su cable", first: "vuelva a encajar el conector del motor y pase por el taller" },
    "code-throttle": { means: "acelerador", first: "déjelo volver, apague y encienda" },
    "code-controller": { means: "controlador", first: "apague y encienda; si sigue, pase por el taller" },
    "code-display-hears-nothing": {
      means: "la pantalla no recibe nada",
      first: "vuelva a encajar el conector de la pantalla",
    },
    "code-controller-hears-nothing": {
      means: "el controlador no recibe nada",
      first: "vuelva a encajar el conector de la pantalla",
    },
    "code-battery-management": {
      means: "la batería se protege",
      first: "deje de usarla y cargarla, sáquela al exterior, pase por el taller",
    },
    "code-hot": {
      means: "demasiado caliente",
      first: "deje que se enfríe; suba en un nivel más alto y ayude con las piernas",
    },
    "code-speed-sensor": { means: "no se capta la velocidad", first: "mire si se movió el imán del radio" },
  },
  otherCode: "apague y encienda; si sigue, pase por el taller",
  takeAlong: {
    "slides-off":
      "Contra el robo, deslice la pantalla fuera de su soporte y llévesela; apague antes y " +
      "encájela hasta el tope al volver.",
    "turns-off":
      "Contra el robo, gire la pantalla un cuarto de vuelta y llévesela; apague antes y " +
      "vuelva a girarla al volver.",
    stays: "La pantalla se queda en la bicicleta: apáguela y ponga el candado a la bicicleta.",
    "not-said": "Contra el robo, llévese la pantalla si se quita; apague antes y encaje bien el conector al volver.",
  },
  whileRiding: "Nunca lea la pantalla en marcha.",
  notForRoads: "No apta para vías públicas.",
  throttleLive: "Encendida, el acelerador está activo: un roce mueve la bicicleta. No lo toque hasta sentarse.",
  heldFor: (set) =>
    "Velocidad, corriente y corte se " +
    (set ? "ajustaron" : "previeron") +
    " para este neumático, motor y batería: si cambia alguno, estas cifras ya no valen.",
  label: "Etiqueta:",
  noLabel: "Esta tarjeta no nombra ninguna categoría: lo que se opone está en la hoja de taller.",
  checked: "Comprobado con el texto de la categoría, no certificado.",
  notProven: "Aún no demostrado.",
  wayBack: {
    title: "Tarjeta de vuelta",
    goesAlong: "Esta tarjeta va con la bicicleta.",
    nothing: "No se cambió nada: la pantalla está como se encontró.",
    from: (presses, seconds) =>
      `De la pantalla de inicio a como se encontró: ${presses} pulsaciones, ${said(seconds, 0)} s. ` +
      `Rueda en el aire, o freno apretado.`,
    proveAgain:
      "Como se encontró no se juzgó segura ni apta para una categoría. Demuéstrelo de " + "nuevo tras la vuelta.",
    toRoad: (className) => `Vuelta a la vía pública: ${className}`,
    fromToRoad: (presses, seconds) =>
      `De la pantalla de inicio a esta categoría: ${presses} pulsaciones, ${said(seconds, 0)} s. ` +
      "Rueda en el aire, o freno apretado.",
    proveRoad:
      "Después relea cada línea y mida dónde acaba la asistencia: solo entonces vuelve a " + "ser esta categoría.",
    steps: {
      "switch-on": "Encender",
      open: "Abrir el menú",
      code: "Introducir el código",
      go: "Seguir",
      line: "Línea siguiente",
      save: "Guardar",
      leave: "Salir del menú",
      "switch-off": "Apagar",
      wait: "Esperar",
      procedure: "Mantener las teclas",
    },
    goInto: (page) => `Entrar en ${page}`,
    taps: (times) => (times === 1 ? "1 pulsación" : `${times} pulsaciones`),
    hold: (seconds) => `mantener ${said(seconds)} s`,
    keepHolding: (seconds, kept, more) => `mantener ${said(seconds)} s, luego solo ${kept} otros ${said(more)} s`,
    doubleTap: "pulsar dos veces",
    holdUntil: (shows) => (shows === null ? "mantener" : `mantener hasta ${shows}`),
    wait: (seconds) => `esperar ${said(seconds)} s`,
    toLine: (code) => `hasta la línea ${code}`,
    lineShows: (code, shows) => `la línea ${code} muestra ${shows}`,
    then: ", luego ",
  },
  care: {
    title: "Cuidado y límites",
    stale: "Neumático, batería, motor, controlador o pantalla nuevos: estas cifras ya no valen, vuelva al taller.",
    rules: [
      "Cargue con el cargador de la batería, nunca en la salida de casa ni sin vigilancia.",
      "Una batería hinchada, caliente, mojada por dentro, caída o que avisa de un fallo no se usa ni se carga.",
      "Pruebe los dos frenos antes de cada salida: apretados, el motor debe parar al instante.",
      "Revise a los 100 km y luego cada 500 km: tuercas del eje, brazo de par, conectores, imán del radio.",
      "Si el motor sigue empujando, arranca solo o pasa de su velocidad: pare y venga al taller.",
    ],
  },
};

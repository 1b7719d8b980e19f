import type { Signal } from "@/core/programming/acts";

/** What is listened for, and who is told. */
export interface Listening {
  /** Told of each press; a true answer means it was of use, and the browser does nothing else with it. */
  readonly onSignal: (signal: Signal) => boolean;
  /** Told while a key is held on: it is still the same press. */
  readonly onHeld: () => void;
  /** Where a click or tap says something: anywhere on it but on what is pressed for itself. */
  readonly place: () => HTMLElement | null;
  /** Whether a wheel or a headset says something: they are listened to only then. */
  readonly more: boolean;
  /** Whether buttons of a headset are listened to: the browser hands them over only to a page that plays something. */
  readonly headset: boolean;
  /** While something is taught: a button in focus and a sheet laid over the page are pressed like anything else. */
  readonly everywhere?: boolean;
}

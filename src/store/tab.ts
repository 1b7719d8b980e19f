/** What happens when a tab goes: nothing typed may go with it. */

/** Where typed text, and descriptions of displays and classes, are laid by for the next page to take up. */
export const TYPED_LAID_BY = "odd-spoke.typed.";
export const DISPLAY_LAID_BY = "odd-spoke.display.";
export const CLASS_LAID_BY = "odd-spoke.class.";

/** Names under which something was laid by. */
export const laidBy = (prefix: string): readonly string[] =>
  Object.keys(localStorage).filter((key) => key.startsWith(prefix));

/** Whether a tab that went laid anything by. */
export const isAnythingLaidBy = (): boolean =>
  [TYPED_LAID_BY, DISPLAY_LAID_BY, CLASS_LAID_BY].some((prefix) => laidBy(prefix).length > 0);

/** Calls `going` whenever the tab may be about to end: closed, reloaded, left, or out of sight. Returns how to stop. */
export function whenTheTabGoes(going: () => void): () => void {
  const hidden = () => {
    if (document.visibilityState === "hidden") going();
  };
  window.addEventListener("pagehide", going);
  document.addEventListener("visibilitychange", hidden);
  return () => {
    window.removeEventListener("pagehide", going);
    document.removeEventListener("visibilitychange", hidden);
  };
}

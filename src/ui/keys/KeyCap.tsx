import type { DisplayKey } from "@/core/display";
import * as say from "@/words/ui/keys/keyCap";

/** Signs common on keys, drawn so that no font has to know them; anything else is set as text. */
const DRAWN: Readonly<Record<string, React.ReactNode>> = {
  "+": <path d="M12 4v16M4 12h16" />,
  "−": <path d="M4 12h16" />,
  "-": <path d="M4 12h16" />,
  "◎": (
    <>
      <circle cx="12" cy="12" r="8.5" />
      <circle cx="12" cy="12" r="3" fill="currentColor" stroke="none" />
    </>
  ),
  "☼": (
    <>
      <circle cx="12" cy="12" r="4.2" />
      <path d="M12 2.5v3M12 18.5v3M2.5 12h3M18.5 12h3M5.3 5.3l2.1 2.1M16.6 16.6l2.1 2.1M18.7 5.3l-2.1 2.1M7.4 16.6l-2.1 2.1" />
    </>
  ),
};

/** `share`: of the size, how large a sign is written that is not drawn. */
export function KeyGlyph({
  cap,
  size,
  share = 0.8,
}: {
  readonly cap: string;
  readonly size: number;
  readonly share?: number;
}) {
  const drawn = DRAWN[cap];
  if (!drawn)
    return (
      <span aria-hidden="true" style={{ fontSize: size * share }} className="font-head font-bold leading-none">
        {cap}
      </span>
    );
  return (
    <svg
      aria-hidden="true"
      viewBox="0 0 24 24"
      width={size}
      height={size}
      fill="none"
      stroke="currentColor"
      strokeWidth="2.6"
      strokeLinecap="round"
    >
      {drawn}
    </svg>
  );
}

/** How much of a key its sign takes: more on the card, which is read from afar. */
const SIGN_SHARE = { usual: 0.46, afar: 0.66 } as const;

/** A key as drawn on the card, readable from a metre; `afar` makes its sign as large as the key allows. */
export function KeyCap({
  displayKey,
  size = 96,
  afar = false,
}: {
  readonly displayKey: DisplayKey;
  readonly size?: number;
  readonly afar?: boolean;
}) {
  return (
    <span
      role="img"
      aria-label={say.keyCapKey(displayKey.name)}
      style={{
        minWidth: size,
        height: size,
        borderRadius: size * 0.17,
        borderBottomWidth: Math.max(4, size * (afar ? 0.07 : 0.1)),
        paddingInline: displayKey.cap.length > 1 ? size * 0.12 : 0,
      }}
      className="inline-flex shrink-0 items-center justify-center border-[3px] border-ink bg-sheet text-ink"
    >
      <KeyGlyph cap={displayKey.cap} size={size * SIGN_SHARE[afar ? "afar" : "usual"]} share={afar ? 0.95 : 0.8} />
    </span>
  );
}

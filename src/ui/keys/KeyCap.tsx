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

export function KeyGlyph({ cap, size }: { readonly cap: string; readonly size: number }) {
  const drawn = DRAWN[cap];
  if (!drawn)
    return (
      <span aria-hidden="true" style={{ fontSize: size * 0.8 }} className="font-head font-bold leading-none">
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

/** A key as drawn on the card, readable from a metre. */
export function KeyCap({ displayKey, size = 96 }: { readonly displayKey: DisplayKey; readonly size?: number }) {
  return (
    <span
      role="img"
      aria-label={say.keyCapKey(displayKey.name)}
      style={{ width: size, height: size, borderRadius: size * 0.17, borderBottomWidth: Math.max(4, size * 0.1) }}
      className="inline-flex shrink-0 items-center justify-center border-[3px] border-ink bg-sheet text-ink"
    >
      <KeyGlyph cap={displayKey.cap} size={size * 0.46} />
    </span>
  );
}

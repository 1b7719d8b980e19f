"use client";

import * as say from "@/words/ui/primitives/numberPad";

const KEYS = ["7", "8", "9", "4", "5", "6", "1", "2", "3", ".", "0", "delete"] as const;

interface NumberPadProps {
  readonly onDigit: (digit: string) => void;
  readonly onDelete: () => void;
  readonly className?: string;
}

/** Digits to press with a thumb. What a key does is the field's business; the focus stays where it was. */
export function NumberPad({ onDigit, onDelete, className = "" }: NumberPadProps) {
  return (
    <div className={`grid h-max grid-cols-3 gap-1.5 ${className}`} role="group" aria-label={say.numberPad}>
      {KEYS.map((key) => (
        <button
          key={key}
          type="button"
          aria-label={key === "delete" ? say.deleteLast : key}
          className="min-h-13 rounded-lg border-2 border-rule bg-sheet font-head text-xl font-bold hover:border-quiet"
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => (key === "delete" ? onDelete() : onDigit(key))}
        >
          {key === "delete" ? "←" : key}
        </button>
      ))}
    </div>
  );
}

import type { ButtonHTMLAttributes, KeyboardEvent, MouseEvent, ReactNode } from "react";

type Weight = "main" | "plain" | "quiet";

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly weight?: Weight;
  readonly big?: boolean;
  /** Key that does the same, shown on the button. */
  readonly shortcut?: string;
  readonly children: ReactNode;
}

const WEIGHTS: Readonly<Record<Weight, string>> = {
  main: "bg-action text-on-action border-action hover:bg-action-hover hover:border-action-hover disabled:bg-rule disabled:text-quiet disabled:border-rule",
  plain: "bg-transparent text-ink border-ink hover:bg-select disabled:text-quiet disabled:border-rule",
  quiet:
    "bg-transparent text-ink border-transparent underline decoration-rule decoration-2 underline-offset-4 hover:decoration-ink disabled:text-quiet",
};

export const buttonClass = (weight: Weight = "plain", big = false): string =>
  `inline-flex items-center justify-center gap-3 rounded-lg border-2 font-semibold text-center ${big ? "min-h-16 px-6 text-xl" : "min-h-11 px-4 text-base"} ${WEIGHTS[weight]}`;

/** The second click of a double click is no second deed. */
export const isSecondClick = (event: MouseEvent): boolean => event.detail > 1;

/** A key held on a button presses it once. */
export function pressOnce(event: KeyboardEvent): void {
  if (event.repeat && (event.key === "Enter" || event.key === " ")) event.preventDefault();
}

/** A button: however it is pressed, a double click or a held key is one deed. */
export function Button({
  weight = "plain",
  big = false,
  shortcut,
  className = "",
  children,
  type = "button",
  onClick,
  ...rest
}: ButtonProps) {
  return (
    <button
      type={type}
      className={`${buttonClass(weight, big)} ${className}`}
      onKeyDown={pressOnce}
      onClick={(event) => (isSecondClick(event) ? undefined : onClick?.(event))}
      {...rest}
    >
      <span>{children}</span>
      {shortcut ? (
        <kbd aria-hidden="true" className="code text-[0.75em] opacity-80 font-normal">
          {shortcut}
        </kbd>
      ) : null}
    </button>
  );
}

import type { Severity } from "@/core/law";
import type { Mark } from "@/core/sheet";
import { MARK_NAMES } from "@/words";
import * as say from "@/words/ui/primitives/markSign";

type Sign = Exclude<Mark, "same"> | "done";

/** Shape and colour of an exception; the word stands beside it. */
export function SignShape({ sign, size = 12 }: { readonly sign: Sign; readonly size?: number }) {
  const shape = {
    odd: <circle cx="6" cy="6" r="5" fill="var(--odd)" />,
    breach: <path d="M6 0.6 11.6 11H0.4Z" fill="var(--breach)" />,
    caution: <path d="M6 0 12 6 6 12 0 6Z" fill="var(--caution)" />,
    unknown: (
      <circle cx="6" cy="6" r="4.6" fill="none" stroke="var(--quiet)" strokeWidth="1.8" strokeDasharray="2.6 2.2" />
    ),
    "left-alone": <rect x="1.5" y="1.5" width="9" height="9" fill="var(--spoke)" />,
    done: <path d="M1 6.5 4.5 10 11 2.5" fill="none" stroke="currentColor" strokeWidth="2.4" />,
  }[sign];
  return (
    <svg
      aria-hidden="true"
      viewBox="0 0 12 12"
      width={size}
      height={size}
      className="inline-block shrink-0 align-baseline"
    >
      {shape}
    </svg>
  );
}

export function MarkSign({ mark }: { readonly mark: Mark }) {
  if (mark === "same") return null;
  return (
    <span
      className={`inline-flex items-baseline gap-1.5 whitespace-nowrap ${mark === "left-alone" || mark === "unknown" ? "text-quiet" : ""}`}
    >
      <SignShape sign={mark} size={11} />
      {MARK_NAMES[mark]}
    </span>
  );
}

const SEVERITY_SIGNS: Readonly<Record<Severity, Sign | null>> = {
  breach: "breach",
  caution: "caution",
  unknown: "unknown",
  note: null,
};
export const SEVERITY_NAMES: Readonly<Record<Severity, string>> = {
  breach: say.breach,
  caution: say.caution,
  unknown: say.notKnown,
  note: say.note,
};

/** A sentence with its severity: shape, colour and word. */
export function FindingLine({
  severity,
  children,
}: {
  readonly severity: Severity;
  readonly children: React.ReactNode;
}) {
  const sign = SEVERITY_SIGNS[severity];
  return (
    <p className="flex items-baseline gap-2">
      {sign ? <SignShape sign={sign} size={13} /> : null}
      <span>
        <span className="sr-only print:not-sr-only">{SEVERITY_NAMES[severity]}: </span>
        {children}
      </span>
    </p>
  );
}

/** A caution where it bites, one sentence. */
export function Caution({ children }: { readonly children: React.ReactNode }) {
  return (
    <p className="flex items-stretch gap-3 rounded-md bg-caution-tint">
      <span aria-hidden="true" className="hatch w-2.5 shrink-0 rounded-l-md" />
      <span className="py-2 pr-3">
        <span className="sr-only print:not-sr-only">{say.markSignCaution}</span>
        {children}
      </span>
    </p>
  );
}

"use client";
import type { KeyboardEvent } from "react";
import type { Mark } from "@/core/sheet";
import { MARK_NAMES } from "@/words";
import { CODE_SIZE, CODES_AT, codesFit, HALF_WITH_CODES } from "./codesFit";
import * as say from "@/words/ui/dial/spokeDial";

export interface Spoke {
  readonly code: string;
  readonly name: string;
  readonly mark: Mark;
}

interface SpokeDialProps {
  readonly spokes: readonly Spoke[];
  /** Width and height, px. */
  readonly size: number;
  readonly showCodes?: boolean;
  readonly centre?: { readonly figure: string; readonly word: string };
  readonly selected?: string | null;
  readonly onSelect?: (code: string) => void;
}

/** Room for 24 spokes when nothing is known of the display yet. */
const EMPTY: readonly Spoke[] = Array.from({ length: 18 }, (_, i) => ({
  code: String(i),
  name: "",
  mark: "unknown" as const,
}));

const RIM = 100;
const HUB = 34;
/** How far each kind of spoke reaches beyond the rim. */
const REACH: Readonly<Record<Mark, number>> = {
  same: 0,
  "left-alone": 0,
  unknown: 0,
  odd: 20,
  caution: 14,
  breach: 14,
};

const words = (spokes: readonly Spoke[]): string => {
  const odd = spokes.filter((spoke) => spoke.mark !== "same" && spoke.mark !== "left-alone");
  if (odd.length === 0) return say.linesNoneStandsOut(spokes.length);
  return say.spokeDialLines(
    spokes.length,
    odd.map((spoke) => `${spoke.code} ${spoke.name} ${MARK_NAMES[spoke.mark]}`).join("; "),
  );
};

/** The spoke dial: a wheel whose spokes are the display's lines in menu order. The odd ones stand out. */
export function SpokeDial({ spokes, size, showCodes = false, centre, selected, onSelect }: SpokeDialProps) {
  const known = spokes.length > 0;
  const drawn = known ? spokes : EMPTY;
  const half = showCodes ? HALF_WITH_CODES : 130;
  // Words that would be cut off or touch stand beside the dial instead.
  const codesDrawn = showCodes && known && codesFit(drawn.map(({ code }) => code));
  const hub = centre ? HUB + 6 : 21;
  const at = (i: number, radius: number) => {
    const angle = (2 * Math.PI * i) / drawn.length - Math.PI / 2;
    return [radius * Math.cos(angle), radius * Math.sin(angle)] as const;
  };
  const selectedIndex = drawn.findIndex((spoke) => spoke.code === selected);
  const walk = (event: KeyboardEvent) => {
    const by =
      event.key === "ArrowRight" || event.key === "ArrowDown"
        ? 1
        : event.key === "ArrowLeft" || event.key === "ArrowUp"
          ? -1
          : 0;
    if (by === 0 || !onSelect) return;
    event.preventDefault();
    const next = drawn[(selectedIndex + by + drawn.length) % drawn.length];
    if (next) onSelect(next.code);
  };
  const current = drawn[selectedIndex];
  const interactive = onSelect !== undefined && known;
  return (
    <svg
      viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}
      width={size}
      height={size}
      className="max-w-full shrink-0 rounded-full"
      {...(interactive
        ? {
            role: "slider",
            tabIndex: 0,
            "aria-label": say.spokeDial(words(drawn)),
            "aria-valuemin": 0,
            "aria-valuemax": drawn.length - 1,
            "aria-valuenow": Math.max(0, selectedIndex),
            "aria-valuetext": current ? `${current.code} ${current.name}: ${MARK_NAMES[current.mark]}` : "none",
            onKeyDown: walk,
          }
        : { role: "img", "aria-label": known ? say.spokeDial(words(drawn)) : say.spokeDialNoDisplay })}
    >
      <circle r={RIM} fill="none" stroke="var(--rule)" strokeWidth={showCodes ? 2 : 3.5} />
      {drawn.map((spoke, i) => {
        const [x1, y1] = at(i, hub);
        const [x2, y2] = at(i, RIM + REACH[spoke.mark]);
        const [cx, cy] = at(i, CODES_AT);
        const isSelected = spoke.code === selected;
        return (
          <Spoke
            key={spoke.code}
            spoke={spoke}
            interactive={interactive}
            onSelect={onSelect}
            isSelected={isSelected}
            x1={x1}
            y1={y1}
            x2={x2}
            y2={y2}
            showCodes={showCodes}
            i={i}
            drawn={drawn}
            cx={cx}
            cy={cy}
            codesDrawn={codesDrawn}
          />
        );
      })}
      <circle r={hub} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={showCodes ? 3 : 7} />
      <Hub centre={centre} />
    </svg>
  );
}

/** What stands on the hub. */
function Hub({ centre }: { readonly centre: { readonly figure: string; readonly word: string } | undefined }) {
  return centre ? (
    <>
      <text
        y="-3"
        textAnchor="middle"
        dominantBaseline="central"
        fontSize="30"
        fontWeight="800"
        fill="var(--ink)"
        fontFamily="var(--font-head)"
      >
        {centre.figure}
      </text>
      <text
        y="20"
        textAnchor="middle"
        dominantBaseline="central"
        fontSize="12.5"
        fontWeight="600"
        fill="var(--quiet)"
        fontFamily="var(--font-text)"
      >
        {centre.word}
      </text>
    </>
  ) : null;
}

/** One spoke: a line of the display. */
function Spoke({
  spoke,
  interactive,
  onSelect,
  isSelected,
  x1,
  y1,
  x2,
  y2,
  showCodes,
  i,
  drawn,
  cx,
  cy,
  codesDrawn,
}: {
  readonly spoke: Spoke;
  readonly interactive: boolean;
  readonly onSelect: ((code: string) => void) | undefined;
  readonly isSelected: boolean;
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly showCodes: boolean;
  readonly i: number;
  readonly drawn: readonly Spoke[];
  readonly cx: number;
  readonly cy: number;
  readonly codesDrawn: boolean;
}) {
  return (
    <g
      onMouseEnter={interactive ? () => onSelect?.(spoke.code) : undefined}
      onClick={interactive ? () => onSelect?.(spoke.code) : undefined}
    >
      {isSelected ? (
        <line
          x1={x1}
          y1={y1}
          x2={x2}
          y2={y2}
          stroke="var(--action)"
          strokeOpacity="0.28"
          strokeWidth="17"
          strokeLinecap="round"
        />
      ) : null}
      <SpokeLine mark={spoke.mark} from={[x1, y1]} to={[x2, y2]} fine={showCodes} turn={(360 * i) / drawn.length} />
      {interactive ? <line x1={x1} y1={y1} x2={cx} y2={cy} stroke="transparent" strokeWidth="24" /> : null}
      {codesDrawn ? (
        <text
          x={cx}
          y={cy}
          textAnchor="middle"
          dominantBaseline="central"
          fontSize={CODE_SIZE}
          fontWeight={isSelected ? 800 : 600}
          fill={isSelected ? "var(--ink)" : "var(--quiet)"}
          fontFamily="var(--font-head)"
        >
          {spoke.code}
        </text>
      ) : null}
    </g>
  );
}

interface SpokeLineProps {
  readonly mark: Mark;
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly fine: boolean;
  readonly turn: number;
}

function SpokeLine({ mark, from: [x1, y1], to: [x2, y2], fine, turn }: SpokeLineProps) {
  const ends = { x1, y1, x2, y2 };
  const thick = fine ? 6.5 : 12;
  switch (mark) {
    case "same":
      return <line {...ends} stroke="var(--spoke)" strokeWidth={fine ? 2 : 4} />;
    case "unknown":
      return (
        <line {...ends} stroke="var(--spoke)" strokeWidth={fine ? 2.2 : 4} strokeDasharray={fine ? "5 4" : "9 7"} />
      );
    case "left-alone":
      return (
        <>
          <line {...ends} stroke="var(--spoke)" strokeWidth={fine ? 2 : 4} />
          <rect
            x={-5.5}
            y={-5.5}
            width={11}
            height={11}
            fill="var(--spoke)"
            transform={`translate(${x2} ${y2}) rotate(${turn})`}
          />
        </>
      );
    case "odd":
      return <line {...ends} stroke="var(--odd)" strokeWidth={thick} strokeLinecap="round" />;
    case "caution":
      return (
        <>
          <line {...ends} stroke="var(--caution)" strokeWidth={thick} strokeDasharray={fine ? "7 3" : "12 5"} />
          <path
            d="M0 -11 11 0 0 11 -11 0Z"
            fill="var(--caution)"
            transform={`translate(${x2} ${y2}) rotate(${turn}) scale(${fine ? 1 : 1.3})`}
          />
        </>
      );
    case "breach":
      return (
        <>
          <line {...ends} stroke="var(--breach)" strokeWidth={thick} />
          <path
            d="M0 -15 13 8 -13 8Z"
            fill="var(--breach)"
            transform={`translate(${x2} ${y2}) rotate(${turn}) scale(${fine ? 1 : 1.35})`}
          />
        </>
      );
  }
}

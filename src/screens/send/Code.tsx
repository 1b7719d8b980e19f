import type { CodeDrawing } from "@/workers/codeMatrix";

/** A code is read where nothing stands this near to it, in modules. */
const QUIET = 4;

interface CodeProps {
  readonly code: CodeDrawing;
  readonly label: string;
  readonly sizeClass: string;
}

/** A square code: always black on white, whatever the theme, for that is what a camera looks for. */
export const Code = ({ code: { size, path }, label, sizeClass }: CodeProps) => (
  <svg
    viewBox={`${-QUIET} ${-QUIET} ${size + 2 * QUIET} ${size + 2 * QUIET}`}
    role="img"
    aria-label={label}
    shapeRendering="crispEdges"
    className={sizeClass}
    style={{ background: "#ffffff", color: "#000000" }}
  >
    <path d={path} fill="currentColor" />
  </svg>
);

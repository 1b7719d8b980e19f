import type { PaperNeeds } from "@/workers/keys.worker";
import * as say from "@/words/screens/papers/paperQr";

/** A code is read where nothing stands this near to it, in modules. */
const QUIET = 4;

/** What was read back, as a code the next workshop can scan; none while nothing was. */
export function PaperQr({ code }: { readonly code: PaperNeeds["code"] }) {
  if (!code) return null;
  const { size, path } = code;
  const across = size + 2 * QUIET;
  return (
    <figure className="w-[34mm] shrink-0">
      <svg
        viewBox={`${-QUIET} ${-QUIET} ${across} ${across}`}
        role="img"
        aria-label={say.readBackAsCode}
        shapeRendering="crispEdges"
        className="size-[34mm] bg-white text-black"
      >
        <path d={path} fill="currentColor" />
      </svg>
      <figcaption className="text-quiet">{say.whatItHolds}</figcaption>
    </figure>
  );
}

import type { Ref } from "react";

const SPOKES = 18;
const [R, HUB] = [92, 15];
const round = (value: number): number => Math.round(value * 100) / 100;

/** The wheel on the bench; turned by its owner from frame to frame. One spoke stands out, to see it turn. */
export function TurningWheel({ turned }: { readonly turned: Ref<SVGGElement> }) {
  return (
    <svg viewBox="-104 -104 208 208" className="w-28 max-sm:w-24" aria-hidden="true">
      <circle r={R + 5} fill="none" stroke="var(--ink)" strokeWidth={8} />
      <g ref={turned}>
        {Array.from({ length: SPOKES }, (_, i) => {
          const angle = (i * 2 * Math.PI) / SPOKES;
          return (
            <line
              key={i}
              x1={round(HUB * Math.cos(angle))}
              y1={round(HUB * Math.sin(angle))}
              x2={round(R * Math.cos(angle))}
              y2={round(R * Math.sin(angle))}
              stroke={i === 0 ? "var(--odd)" : "var(--spoke)"}
              strokeWidth={i === 0 ? 5 : 2}
            />
          );
        })}
      </g>
      <circle r={HUB} fill="var(--ink)" />
    </svg>
  );
}

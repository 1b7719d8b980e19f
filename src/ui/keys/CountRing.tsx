/** A ring round a key that fills while it is held, or tap by tap; heavy while the key is to be down. */
interface CountRingProps {
  /** How full it is, 0 to 1. */
  readonly share: number;
  readonly isDown: boolean;
  readonly size: number;
}

const WIDTH = 5;
const DOWN_WIDTH = 11;
/** How far round the key it runs, as a share of the key. */
const OUTSIDE = 0.09;

export function CountRing({ share, isDown, size }: CountRingProps) {
  const side = size * (1 + 2 * OUTSIDE);
  const inner = side - DOWN_WIDTH;
  return (
    <svg
      aria-hidden="true"
      width={side}
      height={side}
      className="pointer-events-none absolute"
      style={{ left: -size * OUTSIDE, top: -size * OUTSIDE }}
    >
      <rect
        x={DOWN_WIDTH / 2}
        y={DOWN_WIDTH / 2}
        width={inner}
        height={inner}
        rx={size * 0.24}
        pathLength={100}
        fill="none"
        stroke="var(--color-action)"
        strokeWidth={isDown ? DOWN_WIDTH : WIDTH}
        strokeDasharray={`${(100 * share).toFixed(1)} 100`}
      />
    </svg>
  );
}

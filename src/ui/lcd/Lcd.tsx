import type { DisplayProfile, View } from "@/core/display";

/** The glass of a simulated display: segment digits on grey-green, nothing lit that the machine does not show. */
export function Lcd({ view, levels, unit, blinking }: { readonly view: View; readonly profile: DisplayProfile; readonly levels: number; readonly unit: string; readonly blinking: boolean }) {
  return (
    <div className="relative flex aspect-[6/5] w-full flex-col justify-between overflow-hidden rounded-md bg-lcd p-[5%] text-lcd-ink" aria-live="off">
      {view.kind === "off" ? null : view.kind === "line" ? (
        <>
          <div className="flex items-start justify-between">
            <span className="segment text-[clamp(1.4rem,2.4vw,2rem)]">{view.code}</span>
            <span className="font-code text-[0.7rem]">SETTING</span>
          </div>
          <div className={`segment self-end text-[clamp(3rem,6vw,4.6rem)] ${blinking ? "animate-pulse" : ""}`}>{view.shows}</div>
          <div className="flex h-3 items-end gap-1" aria-hidden="true">
            {Array.from({ length: 12 }, (_, i) => (
              <span key={i} className={`h-1.5 flex-1 bg-lcd-ink ${i % 3 === 0 ? "opacity-70" : "opacity-20"}`} />
            ))}
          </div>
        </>
      ) : view.kind === "walk-assist" ? (
        <>
          <span className="font-code text-[0.7rem]">MOTOR RUNS</span>
          <span className="segment animate-pulse self-center text-[clamp(2.2rem,4vw,3.2rem)]" style={{ fontFamily: "var(--font-segment14)" }}>
            WALK
          </span>
          <span className="font-code self-end text-[0.7rem]">{unit}</span>
        </>
      ) : (
        <>
          <div className="flex items-start justify-between font-code text-[0.7rem]">
            <span>{view.lampOn ? "LAMP" : ""}</span>
            <span>{unit}</span>
          </div>
          <div className="segment self-center text-[clamp(3rem,6vw,4.6rem)]">0.0</div>
          <div className="flex items-end justify-between">
            <span className="font-code text-[0.7rem]">
              LEVEL <span className="segment text-xl">{view.level}</span>
              <span> of {levels}</span>
            </span>
            <span className="flex gap-0.5" aria-hidden="true">
              {[0, 1, 2, 3].map((bar) => (
                <span key={bar} className="h-4 w-2 bg-lcd-ink" />
              ))}
            </span>
          </div>
        </>
      )}
    </div>
  );
}

import type { View } from "@/core/display";
import {
  gaugeBars,
  gaugeText,
  isDigits,
  isOfMenu,
  SEGMENT_LETTERS,
  shrunk,
  speedOf,
  type HomeView,
  type LcdProps,
  type MenuView,
} from "./glass";
import * as say from "@/words/ui/lcd/segmentGlass";

interface SegmentsProps {
  readonly text: string;
  readonly className?: string;
  /** As many characters as stand side by side at full size. */
  readonly fits?: number;
}

function Segments({ text, className = "", fits = 8 }: SegmentsProps) {
  // A dot takes no room of its own.
  const wide = text.replace(/\./g, "");
  return (
    <span className={`segment ${className}`}>
      <span
        style={{
          fontSize: shrunk(wide, isDigits(text) ? fits : fits * 0.85),
          ...(isDigits(text) ? {} : { fontFamily: SEGMENT_LETTERS }),
        }}
      >
        {text}
      </span>
    </span>
  );
}

const BIG = "text-[clamp(3rem,6vw,4.6rem)]";

/** Glass that writes in segments, as bars allow. */
export function SegmentGlass(props: LcdProps) {
  return (
    <div
      className="relative flex aspect-[6/5] w-full flex-col justify-between overflow-hidden rounded-md bg-lcd p-[5%] text-lcd-ink"
      aria-live="off"
    >
      <Lit {...props} />
    </div>
  );
}

function Lit({ view, ...rest }: LcdProps) {
  if (view.kind === "off") return null;
  if (isOfMenu(view)) return <OfMenu view={view} />;
  if (view.kind === "home") return <Home view={view} {...rest} />;
  return <Apart view={view} unit={rest.unit} />;
}

function OfMenu({ view }: { readonly view: MenuView }) {
  return (
    <>
      <div className="flex items-start justify-between">
        <Segments text={view.kind === "code" ? "CODE" : view.code} className="text-[clamp(1.4rem,2.4vw,2rem)]" />
        <span className="font-code text-[0.7rem]">
          {view.kind === "line" ? "SETTING" : view.kind === "confirm" ? "SURE" : ""}
        </span>
      </div>
      <div className={`self-end ${BIG} ${view.kind === "line" && view.blinks ? "blinks" : ""}`}>
        {view.kind === "entry" ? (
          <Segments text={view.does === "page" ? "----" : view.does === "exit" ? "END" : "DO"} />
        ) : view.kind === "code" ? (
          <>
            <Segments text={view.shows.slice(0, view.at)} />
            <span className="blinks">
              <Segments text={view.shows.slice(view.at, view.at + 1)} />
            </span>
            <Segments text={view.shows.slice(view.at + 1)} />
          </>
        ) : (
          <Segments text={view.shows} fits={3.4} />
        )}
      </div>
      <div className="flex h-3 items-end gap-1" aria-hidden="true">
        {Array.from({ length: 12 }, (_, i) => (
          <span key={i} className={`h-1.5 flex-1 bg-lcd-ink ${i % 3 === 0 ? "opacity-70" : "opacity-20"}`} />
        ))}
      </div>
    </>
  );
}

/** Walk assist and the monitor page. */
function Apart({ view, unit }: { readonly view: View; readonly unit: string }) {
  return view.kind === "walk-assist" ? (
    <>
      <span className="font-code text-[0.7rem]">{say.motorRuns}</span>
      <span className="blinks self-center text-[clamp(2.2rem,4vw,3.2rem)]">
        <Segments text={say.walk} />
      </span>
      <span className="font-code self-end text-[0.7rem]">{unit}</span>
    </>
  ) : (
    <>
      <span className="font-code text-[0.7rem]">{say.readOnly}</span>
      <span className="segment self-end text-[2.2rem]">0.0</span>
      <span className="font-code self-end text-[0.7rem]">{say.aAtRest}</span>
    </>
  );
}

function Home({ view, levels, unit, readings }: Omit<LcdProps, "view"> & { readonly view: HomeView }) {
  return (
    <>
      <div className="flex items-start justify-between font-code text-[0.7rem]">
        <span>
          {[view.lampOn ? "LAMP" : "", view.hazardOn ? "HAZARD" : "", view.cruising ? "CRUISE" : ""]
            .filter(Boolean)
            .join(" ")}
        </span>
        <span>{unit}</span>
      </div>
      {readings?.code ? (
        <div className={`blinks self-center ${BIG}`}>
          <Segments text={readings.code} fits={5} />
        </div>
      ) : (
        <div className={`segment self-center ${BIG}`}>{speedOf(readings)}</div>
      )}
      <div className="flex items-end justify-between">
        <span className="font-code text-[0.7rem]">
          {say.level}
          <span className="segment text-xl">{view.level}</span>
          <span>{say.segmentGlassOf(levels)}</span>
          {view.info ? <span className="block uppercase">{view.info}</span> : null}
        </span>
        <span className="text-right font-code text-[0.7rem]">
          {gaugeText(readings)}
          <span className="mt-0.5 flex justify-end gap-0.5" aria-hidden="true">
            {[1, 2, 3, 4, 5].map((bar) => (
              <span key={bar} className={`h-4 w-2 bg-lcd-ink ${bar <= gaugeBars(readings) ? "" : "opacity-15"}`} />
            ))}
          </span>
        </span>
      </div>
    </>
  );
}

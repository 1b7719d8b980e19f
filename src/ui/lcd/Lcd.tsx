import type { DisplayProfile, View } from "@/core/display";
import type { RigReadings } from "@/core/rig";
import { fixed } from "@/ui/wording";

interface LcdProps {
  readonly view: View;
  readonly glass: DisplayProfile["glass"];
  readonly levels: number;
  readonly unit: string;
  /** What the rig behind it gives; null where the display stands on its own. */
  readonly readings: RigReadings | null;
}

const speedOf = (readings: RigReadings | null): string => fixed(readings?.shownSpeed ?? 0, 1);
const gaugeText = (readings: RigReadings | null): string | null =>
  readings?.gauge.kind === "volts"
    ? `${fixed(readings.gauge.volts, 1)} V`
    : readings
      ? `${fixed(readings.gauge.share * 100, 0)} %`
      : null;
const gaugeBars = (readings: RigReadings | null): number =>
  readings?.gauge.kind === "percent" ? Math.ceil(readings.gauge.share * 5) : 4;

/** Whether a text can be written in seven segments; letters take the fourteen-segment face. */
const isDigits = (text: string): boolean => /^[\d.\-+ =]*$/.test(text);

/**
 * The glass of a simulated display: nothing is lit that the machine does not show. Segment glass writes in bars, colour
 * glass in words.
 */
export function Lcd(props: LcdProps) {
  return props.glass === "colour" ? <ColourGlass {...props} /> : <SegmentGlass {...props} />;
}

function Segments({ text, className = "" }: { readonly text: string; readonly className?: string }) {
  return (
    <span
      className={`segment ${className}`}
      style={
        isDigits(text)
          ? undefined
          : { fontFamily: "var(--font-segment14)", fontSize: text.length > 5 ? "0.62em" : "0.8em" }
      }
    >
      {text}
    </span>
  );
}

function SegmentGlass({ view, levels, unit, readings }: LcdProps) {
  const big = "text-[clamp(3rem,6vw,4.6rem)]";
  return (
    <div
      className="relative flex aspect-[6/5] w-full flex-col justify-between overflow-hidden rounded-md bg-lcd p-[5%] text-lcd-ink"
      aria-live="off"
    >
      {view.kind === "off" ? null : view.kind === "line" ||
        view.kind === "entry" ||
        view.kind === "code" ||
        view.kind === "confirm" ? (
        <>
          <div className="flex items-start justify-between">
            <Segments text={view.kind === "code" ? "CODE" : view.code} className="text-[clamp(1.4rem,2.4vw,2rem)]" />
            <span className="font-code text-[0.7rem]">
              {view.kind === "line" ? "SETTING" : view.kind === "confirm" ? "SURE" : ""}
            </span>
          </div>
          <div className={`self-end ${big} ${view.kind === "line" && view.blinks ? "blinks" : ""}`}>
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
              <Segments text={view.shows} />
            )}
          </div>
          <div className="flex h-3 items-end gap-1" aria-hidden="true">
            {Array.from({ length: 12 }, (_, i) => (
              <span key={i} className={`h-1.5 flex-1 bg-lcd-ink ${i % 3 === 0 ? "opacity-70" : "opacity-20"}`} />
            ))}
          </div>
        </>
      ) : view.kind === "walk-assist" ? (
        <>
          <span className="font-code text-[0.7rem]">MOTOR RUNS</span>
          <span className="blinks self-center text-[clamp(2.2rem,4vw,3.2rem)]">
            <Segments text="WALK" />
          </span>
          <span className="font-code self-end text-[0.7rem]">{unit}</span>
        </>
      ) : view.kind === "monitor" ? (
        <>
          <span className="font-code text-[0.7rem]">READ ONLY</span>
          <span className="segment self-end text-[2.2rem]">0.0</span>
          <span className="font-code self-end text-[0.7rem]">A, AT REST</span>
        </>
      ) : (
        <>
          <div className="flex items-start justify-between font-code text-[0.7rem]">
            <span>
              {[view.lampOn ? "LAMP" : "", view.hazardOn ? "HAZARD" : "", view.cruising ? "CRUISE" : ""]
                .filter(Boolean)
                .join(" ")}
            </span>
            <span>{unit}</span>
          </div>
          <div className={`segment self-center ${big}`}>{speedOf(readings)}</div>
          <div className="flex items-end justify-between">
            <span className="font-code text-[0.7rem]">
              LEVEL <span className="segment text-xl">{view.level}</span>
              <span> of {levels}</span>
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
      )}
    </div>
  );
}

function ColourGlass({ view, levels, unit, readings }: LcdProps) {
  return (
    <div
      className="relative flex aspect-[6/5] w-full flex-col justify-between overflow-hidden rounded-md bg-glass p-[6%] text-glass-ink"
      aria-live="off"
    >
      {view.kind === "off" ? null : view.kind === "line" ||
        view.kind === "entry" ||
        view.kind === "confirm" ||
        view.kind === "code" ? (
        <>
          <p className="border-b border-glass-rule pb-2 text-[0.8rem] text-glass-quiet">
            {view.kind === "line" || view.kind === "entry" ? view.page : view.kind === "code" ? "Access code" : "Sure?"}
          </p>
          <p className="text-[1.15rem] leading-tight">{view.kind === "code" ? "" : view.code}</p>
          <p
            className={`self-end rounded-md px-2 font-head text-[2.5rem] leading-none font-bold ${view.kind === "line" && view.blinks ? "blinks bg-glass-ink text-glass" : ""}`}
          >
            {view.kind === "entry"
              ? view.does === "page"
                ? "open"
                : view.does === "exit"
                  ? "leave"
                  : "do it"
              : view.shows}
            {view.kind === "code" ? (
              <span className="block text-right text-[0.8rem] font-normal">digit {view.at + 1}</span>
            ) : null}
          </p>
        </>
      ) : view.kind === "walk-assist" ? (
        <p className="blinks m-auto font-head text-[1.9rem] font-bold">Walking</p>
      ) : view.kind === "monitor" ? (
        <p className="m-auto text-center text-[1.1rem]">
          Monitor, read only
          <span className="block font-head text-[2rem] font-bold">0.0 A</span>
        </p>
      ) : (
        <>
          <p className="flex justify-between text-[0.85rem] text-glass-quiet">
            <span>
              {[view.lampOn ? "Lamp" : "", view.hazardOn ? "Hazard" : "", view.cruising ? "Cruise" : ""]
                .filter(Boolean)
                .join(" · ")}
            </span>
            <span>{unit}</span>
          </p>
          <p className="self-center font-head text-[4.2rem] leading-none font-bold">{speedOf(readings)}</p>
          <p className="flex items-end justify-between text-[0.9rem]">
            <span>
              Level <strong className="text-[1.4rem]">{view.level}</strong> of {levels}
            </span>
            <span className="text-right text-glass-quiet">
              {view.info ?? ""}
              <span className="block text-glass-ink">{gaugeText(readings)}</span>
            </span>
          </p>
        </>
      )}
    </div>
  );
}

import type { View } from "@/core/display";
import { gaugeText, isOfMenu, shrunk, speedOf, type HomeView, type LcdProps, type MenuView } from "./glass";
import * as say from "@/words/ui/lcd/colourGlass";

/** Glass that writes in words. */
export function ColourGlass(props: LcdProps) {
  return (
    <div
      className="relative flex aspect-[6/5] w-full flex-col justify-between overflow-hidden rounded-md bg-glass p-[6%] text-glass-ink"
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
  return <Apart view={view} />;
}

/** What stands large: a value, or what an entry does. */
const written = (view: MenuView): string =>
  view.kind !== "entry" ? view.shows : view.does === "page" ? say.open : view.does === "exit" ? say.leave : say.doIt;

const VALUE = "max-w-full self-end rounded-md px-2 font-head text-[2.5rem] leading-none font-bold break-words";

function OfMenu({ view }: { readonly view: MenuView }) {
  return (
    <>
      <p className="border-b border-glass-rule pb-2 text-[0.8rem] text-glass-quiet">
        {view.kind === "line" || view.kind === "entry" ? view.page : view.kind === "code" ? say.accessCode : say.sure}
      </p>
      <p className="text-[1.15rem] leading-tight break-words">{view.kind === "code" ? "" : view.code}</p>
      <p className={`${VALUE} ${view.kind === "line" && view.blinks ? "blinks bg-glass-ink text-glass" : ""}`}>
        <span style={{ fontSize: shrunk(written(view), 9) }}>{written(view)}</span>
        {view.kind === "code" ? (
          <span className="block text-right text-[0.8rem] font-normal">{say.colourGlassDigit(view.at)}</span>
        ) : null}
      </p>
    </>
  );
}

/** Walk assist and the monitor page. */
function Apart({ view }: { readonly view: View }) {
  return view.kind === "walk-assist" ? (
    <p className="blinks m-auto font-head text-[1.9rem] font-bold">{say.walking}</p>
  ) : (
    <p className="m-auto text-center text-[1.1rem]">
      {say.monitorReadOnly}
      <span className="block font-head text-[2rem] font-bold">{say.n00A}</span>
    </p>
  );
}

function Home({ view, levels, unit, readings }: Omit<LcdProps, "view"> & { readonly view: HomeView }) {
  return (
    <>
      <p className="flex justify-between text-[0.85rem] text-glass-quiet">
        <span>
          {[view.lampOn ? say.lamp : "", view.hazardOn ? say.hazard : "", view.cruising ? say.cruise : ""]
            .filter(Boolean)
            .join(" · ")}
        </span>
        <span>{unit}</span>
      </p>
      {readings?.code ? (
        <p className="blinks self-center text-center font-head text-[1.9rem] leading-none font-bold">{readings.code}</p>
      ) : (
        <p className="self-center font-head text-[4.2rem] leading-none font-bold">{speedOf(readings)}</p>
      )}
      <p className="flex items-end justify-between text-[0.9rem]">
        <span>
          {say.level}
          <strong className="text-[1.4rem]">{view.level}</strong>
          {say.ofWord}
          {levels}
        </span>
        <span className="text-right text-glass-quiet">
          {view.info ?? ""}
          <span className="block text-glass-ink">{gaugeText(readings)}</span>
        </span>
      </p>
    </>
  );
}

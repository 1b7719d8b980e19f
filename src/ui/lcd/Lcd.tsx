import { later } from "@/ui/primitives/later";
import type { DisplayProfile } from "@/core/display";
import type { LcdProps } from "./glass";
import { SegmentGlass } from "./SegmentGlass";

const ColourGlass = later(
  () => import("./ColourGlass").then((module) => module.ColourGlass),
  <div className="aspect-[6/5] w-full rounded-md bg-glass" />,
);

/**
 * The glass of a simulated display: nothing is lit that the machine does not show. Segment glass writes in bars, colour
 * glass in words.
 */
export const Lcd = ({ glass, ...props }: LcdProps & { readonly glass: DisplayProfile["glass"] }) =>
  glass === "colour" ? <ColourGlass {...props} /> : <SegmentGlass {...props} />;

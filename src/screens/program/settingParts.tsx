import type { ReactNode } from "react";
import { Choice } from "@/ui/primitives";
import * as say from "@/words/screens/program/settingParts";

const ON_OFF = [
  { value: "off", label: say.off },
  { value: "on", label: say.on },
] as const;

interface OnOffProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  readonly hint: string;
  readonly on: boolean;
  readonly onChoose: (on: boolean) => void;
}

/** Something that is on or off, and what it does. */
export const OnOff = ({ on, onChoose, ...words }: OnOffProps) => (
  <Choice {...words} value={on ? "on" : "off"} options={ON_OFF} onChoose={(chosen) => onChoose(chosen === "on")} />
);

/** One part of the settings beside the bike. */
export const Part = ({ title, children }: { readonly title: string; readonly children: ReactNode }) => (
  <section aria-label={title} className="border-t border-rule pt-4">
    <h3 className="mb-3 text-[1.2rem] font-bold">{title}</h3>
    <div className="flex flex-col gap-3">{children}</div>
  </section>
);

interface SlideProps {
  readonly label: string;
  readonly said: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
  readonly onSlide: (value: number) => void;
}

/** A figure drawn along a scale, said in words beside it. */
export const Slide = ({ label, said, value, least, most, step, onSlide }: SlideProps) => (
  <label className="flex flex-wrap items-center gap-3">
    <span className="min-w-24 text-[0.92rem] font-semibold">{label}</span>
    <input
      type="range"
      className="min-h-9 flex-1 accent-action"
      min={least}
      max={most}
      step={step}
      value={value}
      aria-valuetext={said}
      onChange={(event) => onSlide(Number(event.target.value))}
    />
    <span className="min-w-20 text-right tabular-nums">{said}</span>
  </label>
);

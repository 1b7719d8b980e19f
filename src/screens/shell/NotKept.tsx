"use client";
import type { WriteFailure } from "@/store";
import { Alarm } from "./Alarm";
import { WayOut } from "./WayOut";

const WHY: Readonly<Record<WriteFailure["kind"], string>> = {
  full: "The browser has no room left for it.",
  gone: "It is no longer on this machine: another window has taken it off.",
  failed: "The browser refused to write.",
};

/** Says, once and plainly, that something could not be kept, and what to do. */
export function NotKept({ failure }: { readonly failure: WriteFailure }) {
  return (
    <Alarm>
      <p className="font-semibold">The last change is not kept. {WHY[failure.kind]}</p>
      <p className="mb-3 text-[0.95rem]">
        What you typed still stands in its field. Save it as a file now, make room, then try again.
        <span className="code block text-[0.8rem] break-words text-quiet">{failure.detail}</span>
      </p>
      <div className="flex flex-wrap gap-3">
        <WayOut failure={failure} />
      </div>
    </Alarm>
  );
}

import type { DisplayProfile } from "@/core/display";
import type { OwnersFacts } from "@/core/record";
import type { PaperWords, ScreenPart } from "@/words/papers/paperWords";
import { screenPartsOf } from "@/words/papers/ownersContent";
import * as say from "@/words/screens/papers/homeDrawing";

interface HomeDrawingProps {
  readonly profile: DisplayProfile;
  readonly words: PaperWords;
  readonly facts: OwnersFacts;
}

/** Where each part of the home screen stands on the drawing, and its number. */
const AT: Readonly<Record<ScreenPart, readonly [x: number, y: number]>> = {
  signs: [18, 16],
  mode: [104, 16],
  speed: [100, 52],
  level: [18, 98],
  info: [62, 98],
  battery: [154, 98],
};

/** Their home screen in ink, its parts numbered and named beneath: it survives a bad printer. */
export function HomeDrawing({ profile, words, facts }: HomeDrawingProps) {
  const parts = screenPartsOf(profile);
  const top = facts.levels.as === "unknown" ? null : facts.levels.value.most;
  return (
    <figure className="break-inside-avoid">
      <figcaption className="mb-1 font-head text-[1.05rem] font-bold">{words.screen}</figcaption>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
        <svg viewBox="0 0 200 124" className="w-56 shrink-0 text-ink" role="img" aria-label={words.screen}>
          <rect x="2" y="2" width="196" height="120" rx="10" fill="none" stroke="currentColor" strokeWidth="3" />
          {parts.map((part, i) => (
            <g key={part} transform={`translate(${AT[part].join(" ")})`}>
              <Part part={part} profile={profile} top={top} />
              <text
                x={part === "speed" ? -50 : part === "mode" ? -14 : -3}
                y="-1"
                fontSize="13"
                fontWeight="700"
                fill="currentColor"
                textAnchor="end"
              >
                {i + 1}
              </text>
            </g>
          ))}
        </svg>
        <ol className="min-w-44 flex-1">
          {parts.map((part, i) => (
            <li key={part}>
              {i + 1} {words.screenParts[part]}
              {part === "info" ? `: ${profile.infoLines.join(", ")}` : ""}
              {part === "mode" ? `: ${profile.modes.join(", ")}` : ""}
            </li>
          ))}
        </ol>
      </div>
    </figure>
  );
}

interface PartProps {
  readonly part: ScreenPart;
  readonly profile: DisplayProfile;
  readonly top: number | null;
}

function Part({ part, profile, top }: PartProps) {
  switch (part) {
    case "speed":
      return (
        <text
          fontSize="40"
          fill="currentColor"
          textAnchor="middle"
          style={{ fontFamily: "var(--font-segment)" }}
          y="26"
        >
          {say.eights}
        </text>
      );
    case "battery":
      return (
        <>
          {[0, 1, 2, 3, 4].map((bar) => (
            <rect key={bar} x={bar * 7} y="0" width="5" height="14" fill="currentColor" />
          ))}
        </>
      );
    case "signs":
      return <circle cx="6" cy="5" r="5" fill="none" stroke="currentColor" strokeWidth="2" />;
    case "level":
      return (
        <text fontSize="16" fill="currentColor" y="14" style={{ fontFamily: "var(--font-segment)" }}>
          {top === null ? profile.levels.lowest : top}
        </text>
      );
    case "info":
      return (
        <text fontSize="13" fill="currentColor" y="12">
          {profile.infoLines[0]}
        </text>
      );
    case "mode":
      return (
        <text fontSize="13" fill="currentColor" y="8" textAnchor="middle">
          {profile.modes[0]}
        </text>
      );
  }
}

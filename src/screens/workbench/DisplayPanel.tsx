"use client";
import { formAt } from "@/core/display/editing";
import { Field } from "./form/Field";
import type { WorkbenchProps } from "./workbenchProps";
import * as say from "@/words/screens/workbench/displayPanel";

/** What is asked of the display as a whole, by what it is about. */
const PARTS = [
  [say.homeScreen, [["levels"], ["modes"], ["infoLines"]]],
  [
    say.menuAsAWhole,
    [
      ["menu", "changing"],
      ["menu", "saves"],
      ["menu", "idle", "closesAfterMs"],
      ["menu", "idle", "pending"],
      ["inForce"],
      ["pinDigits"],
      ["doubleTapMs"],
      ["glass"],
      ["comesOff"],
    ],
  ],
  [say.packsAndFaults, [["acceptsNominalV"], ["faultCodes"], ["source"]]],
] as const;

/** The display as a whole: its home screen, the manners of its menu, the packs it takes, its fault codes. */
export function DisplayPanel(props: WorkbenchProps) {
  return (
    <div className="grid gap-8">
      {PARTS.map(([title, paths]) => (
        <section key={title} aria-label={title}>
          <h2 className="mb-3 text-[1.3rem]">{title}</h2>
          <div className="grid gap-5 sm:grid-cols-2">
            {paths.map((path) => (
              <Field key={path.join(".")} {...props} path={path} form={formAt(path, props.profile)} />
            ))}
          </div>
        </section>
      ))}
    </div>
  );
}

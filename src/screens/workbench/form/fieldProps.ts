import type { DisplayProfile } from "@/core/display";
import type { FieldForm, Path, Put } from "@/core/display/editing";
import { fieldHint } from "@/words/grammar";
import type { WorkbenchProps } from "../workbenchProps";

/** What every field of a form gets: the description, the place of it that is asked, and what that takes. */
export interface FieldProps extends WorkbenchProps {
  readonly path: Path;
  readonly form: FieldForm;
  /** What it is called for those who hear it, where the list it stands in has said its name already: "Modes 2". */
  readonly heard?: string;
  /** It stands in a row of a list, whose head has its hint. */
  readonly inARow?: boolean;
  /** Its name has been said just above. */
  readonly named?: boolean;
}

/** Does an edit to the description as it stands, where it can be done; what it came to here. */
export function done(props: WorkbenchProps, edit: (profile: DisplayProfile) => Put): Put {
  const trial = edit(props.profile);
  if (trial.ok)
    props.change((now) => {
      const put = edit(now);
      return put.ok ? put.profile : now;
    });
  return trial;
}

/** The hint of a field; none in a row of a list, whose head has it. */
export const hintOf = ({ path, inARow = false }: FieldProps): string | undefined =>
  inARow ? undefined : fieldHint(path);

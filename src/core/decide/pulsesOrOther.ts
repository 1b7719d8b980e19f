/** Decides a line that counts one pick-up or hands the counting over to the other: it follows what the bike has. */
import { encodeLine } from "../display";
import { fromEncoded, stay, type Solver } from "./context";
import { decideSingle } from "./single";

export const decidePulsesOrOther: Solver = (context, asked) => {
  const { pickUp, pickUpSaid } = context.bike;
  if (!pickUpSaid) return stay(asked, { key: "reason.no-read-out", needs: ["pick-up"] });
  const to = pickUp === "inside-motor" ? "motor" : "wheel";
  // The line's own pick-up is nothing to hand over to: then it counts.
  const handed = encodeLine(asked.line.encoding, to);
  return handed.ok ? fromEncoded(asked, handed, { key: "reason.hands-over", to }) : decideSingle(context, asked);
};

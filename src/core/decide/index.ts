export type { ProposalContext, ProposedLine, Wishes } from "./context";
export { propose } from "./propose";
export type { Reason, WheelOption } from "./reason";

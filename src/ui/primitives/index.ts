export { Button, buttonClass } from "./Button";
export { Chip } from "./Chip";
export { Choice } from "./Choice";
export { Figure } from "./Figure";
export { FilePick } from "./FilePick";
export { KeptField, type KeptFieldProps } from "./KeptField";
export { Caution, FindingLine, MarkSign, SignShape } from "./MarkSign";
export { type NumberRow, NumberTable } from "./NumberTable";
export { Pick } from "./Pick";
export { RuledTable } from "./RuledTable";
export { Toasts, useTell } from "./Toasts";

export { useDraft } from "./useDraft";
export { useKeptState } from "./useKeptState";
export { isTyping, setSingleKeys, singleKeysOn, useShortcuts } from "./useShortcuts";

export * from "./Button";
export * from "./Choice";
export * from "./FilePick";
export * from "./KeptField";
export * from "./MarkSign";
export * from "./Toasts";
export * from "./useKeptState";
export * from "./useShortcuts";

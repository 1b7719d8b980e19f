export * from "./Button";
export * from "./Choice";
export * from "./KeptField";
export * from "./MarkSign";
export * from "./Panel";
export * from "./Toasts";
export * from "./useKeptState";
export * from "./useShortcuts";

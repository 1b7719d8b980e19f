export * from "./check";
export * from "./encoding";
export * from "./machine";
export * from "./profile";
export * from "./settings";
export * from "./claims";
export * from "./draft";
export * from "./variants";

export * from "./check";
export * from "./encoding";
export * from "./machine";
export * from "./profile";
export * from "./settings";

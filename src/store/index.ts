export * from "./db";
export * from "./jobs";
export * from "./displays";

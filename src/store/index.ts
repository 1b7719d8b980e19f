export * from "./db";
export * from "./jobs";

export * from "./db";
export * from "./failures";
export * from "./tab";
export * from "./changes";
export * from "./health";
export * from "./tickets";
export * from "./jobs";
export * from "./displays";

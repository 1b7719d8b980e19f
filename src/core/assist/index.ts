export * from "./start";
export * from "./ladder";

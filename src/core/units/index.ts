export * from "./convert";
export * from "./rounding";

export * from "./messages";
export * from "./names";
export * from "./speak";

export * from "./start";

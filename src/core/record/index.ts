export * from "./job";
export * from "./jobFile";
export * from "./seal";
export * from "./workings";

export * from "./chemistry";
export * from "./pack";

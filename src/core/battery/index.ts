export * from "./pack";

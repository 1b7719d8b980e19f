export * from "./applied";

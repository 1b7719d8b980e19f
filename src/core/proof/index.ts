export * from "./checks";
export * from "./readBack";

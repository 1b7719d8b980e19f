export * from "./roadLoad";
export * from "./kit";
export * from "./steady";
export * from "./sweep";
export * from "./ladderDrives";

export * from "./classRule";
export * from "./judge";

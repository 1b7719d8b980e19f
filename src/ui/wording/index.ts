export * from "./findings";
export * from "./names";
export * from "./problems";
export * from "./reasons";
export * from "./seals";
export * from "./speak";

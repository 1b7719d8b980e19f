export * from "./job";
export * from "./format";
export * from "./seal";
export * from "./workings";
export * from "./swap";
export * from "./restoreOutlook";

export * from "./hazards";
export * from "./sheet";
export * from "./carryOver";
export * from "./compareDisplays";
export * from "./classesHeld";

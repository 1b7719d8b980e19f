export * from "./applied";
export * from "./bike";
export * from "./hazards";
export * from "./propose";
export * from "./sheet";
export * from "./carryOver";
export * from "./compareDisplays";
export * from "./classesHeld";

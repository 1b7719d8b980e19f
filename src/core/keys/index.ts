export * from "./card";
export * from "./shown";
export * from "./change";
export * from "./goal";
export * from "./plan";
export * from "./strokes";
export * from "./walkTheLeaflet";
export * from "./restore";

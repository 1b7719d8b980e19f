export * from "./card";
export * from "./plan";
export * from "./strokes";
export * from "./walkTheLeaflet";

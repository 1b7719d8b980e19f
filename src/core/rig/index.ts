export * from "./rig";

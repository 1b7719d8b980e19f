export * from "./readout";
export * from "./rollout";
export * from "./tyre";
export * from "./wheelCode";

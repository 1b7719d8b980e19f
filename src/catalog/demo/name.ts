/** Name of the made-up workshop the demo bikes stand in; apart from them, since every rack shows it. */
export const DEMO_WORKSHOP = "Sallow Wharf Cycle Shed";

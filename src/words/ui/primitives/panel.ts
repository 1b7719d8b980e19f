// The words of ui/primitives/Panel.
export const close = "Close ";
export const esc = "Esc";

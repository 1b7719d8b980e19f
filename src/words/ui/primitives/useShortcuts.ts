// The words of ui/primitives/UseShortcuts.
export const useShortcutsCtrl = (key: string) => `Ctrl-${key}`;

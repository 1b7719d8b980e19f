// The words of ui/keys/KeyCap.
export const keyCapKey = (name: string) => `${name} key`;

// The words of screens/program/SaidAloud.
export const quoted = (words: string) => `“${words}”`;
export const again = "Say it again";

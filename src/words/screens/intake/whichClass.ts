// The words of screens/intake/WhichClass.
export const mustLeaveAs = "Must leave as";
export const changedSince = (className: string, knownOn: string) =>
  `${className} has changed since this bike took it; it is now as known on ${knownOn}. The bike keeps it as it was.`;
export const takeItAsItIs = "Take it as it is now";
export const anotherClass = "Another class? Describe it, or amend one";

// The words of screens/classes/OwnClasses.
export const heading = "Classes of this shop";
export const what =
  "A city’s rule, an event’s, a fleet’s, or a class here that has changed. A bike keeps the class as it was when " +
  "it took it.";
export const describe = "Describe a class";
export const amendLabel = "Amend one of these";
export const amend = "Amend it";
export const unnamed = "Class without a name";
export const open = "Change";
export const close = "Put away";
export const changeOf = (name: string) => `Change ${name}`;
export const takeOut = "Take it out";
export const takeOutOf = (name: string) => `Take out ${name}`;
export const wasTakenOut = (name: string) => `${name} was taken out. Bikes that took it keep it.`;
export const whole = "Offered to every bike.";
export const stillAsked = (count: number) =>
  count === 1 ? "Not offered yet: one answer is missing." : `Not offered yet: ${count} answers are missing.`;

/** A record without some of its fields. */
export const withoutFields = <Whole extends object, Key extends keyof Whole>(
  whole: Whole,
  ...keys: readonly Key[]
): Omit<Whole, Key> =>
  Object.fromEntries(Object.entries(whole).filter(([key]) => !keys.some((gone) => gone === key))) as Omit<Whole, Key>;

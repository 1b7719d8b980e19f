/** Label, hint and options of one figure behind the numbers. Each bench loads the words of its own figures. */
export interface FigureWords {
  readonly label: string;
  readonly hint?: string;
  readonly options?: Readonly<Record<string, string>>;
}

export const YES_NO = { yes: "Yes", no: "No" } as const;

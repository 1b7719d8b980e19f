/** Shapes of general-purpose libraries that ship none: only what is used here. */
declare module "jstat" {
  interface Distribution {
    /** Quantile of a probability for so many degrees of freedom. */
    readonly inv: (probability: number, degrees: number) => number;
    readonly cdf: (value: number, degrees: number) => number;
  }
  interface Noncentral {
    readonly cdf: (value: number, degrees: number, shift: number) => number;
  }
  const statistics: {
    readonly studentt: Distribution;
    readonly chisquare: Distribution;
    readonly noncentralt: Noncentral;
  };
  export default statistics;
}
declare module "newton-raphson-method" {
  const newton: (f: (x: number) => number, start: number) => number | false;
  export default newton;
}
declare module "ode45-cash-karp" {
  interface Integrator {
    readonly y: readonly number[];
    steps(most: number, until: number): boolean;
  }
  const integrator: (
    y: number[],
    slope: (into: number[], y: readonly number[], t: number) => void,
    t: number,
    dt: number,
    options?: { readonly tol?: number },
  ) => Integrator;
  export default integrator;
}

/** The product's mark: a wheel with one odd spoke. */
export function Mark({ size = 28 }: { readonly size?: number }) {
  return (
    <svg aria-hidden="true" viewBox="-16 -16 32 32" width={size} height={size}>
      <circle r="11" fill="none" stroke="var(--spoke)" strokeWidth="1.4" />
      <path
        d="M0-3V-11M0 3V11M-3 0H-11M2.1 2.1 7.8 7.8M-2.1 2.1-7.8 7.8M-2.1-2.1-7.8-7.8"
        stroke="var(--spoke)"
        strokeWidth="1.4"
        fill="none"
      />
      <path d="M2.4-2.4 11-11" stroke="var(--odd)" strokeWidth="3.4" strokeLinecap="round" />
      <circle r="3.2" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.8" />
    </svg>
  );
}

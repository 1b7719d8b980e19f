import type { ReactNode } from "react";

/** The two halves of a bench: what is known on the left, what follows on the right. */
export function Bench({ known, children }: { readonly known: ReactNode; readonly children: ReactNode }) {
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,0.82fr)_minmax(0,1.18fr)]">
      <div className="flex min-w-0 flex-col gap-6">{known}</div>
      <div className="flex min-w-0 flex-col gap-6">{children}</div>
    </div>
  );
}

/** A part of a bench under its own heading. */
export function Part({
  title,
  hint,
  children,
}: {
  readonly title: string;
  readonly hint?: string;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className="min-w-0">
      <h3 className="text-[1.2rem]">{title}</h3>
      {hint ? <p className="mb-2 text-[0.9rem] text-quiet">{hint}</p> : <div className="mb-2" />}
      {children}
    </section>
  );
}

/** Says what is missing before anything can be worked out. */
export function Lacks({ children }: { readonly children: ReactNode }) {
  return <p className="rounded-md border border-rule px-3 py-2.5 text-quiet">{children}</p>;
}

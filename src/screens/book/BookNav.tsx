import Link from "next/link";
import * as say from "@/words/screens/book/bookNav";

const PARTS = [
  { href: "/book", label: say.everyVisit },
  { href: "/book/batches", label: say.batches },
  { href: "/book/backup", label: say.backUp },
] as const;

const HERE = "border-action font-bold";
const ELSEWHERE = "border-transparent text-quiet hover:text-ink";

/** The parts of the book. */
export function BookNav({ at }: { readonly at: (typeof PARTS)[number]["href"] }) {
  return (
    <nav aria-label={say.partsOfTheBook} className="mt-2 mb-5 flex gap-x-6 overflow-x-auto border-b border-rule">
      {PARTS.map(({ href, label }) => (
        <Link
          key={href}
          href={href}
          aria-current={href === at ? "page" : undefined}
          className={`flex min-h-11 shrink-0 items-center border-b-4 ${href === at ? HERE : ELSEWHERE}`}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
}

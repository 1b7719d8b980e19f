"use client";
import Link from "next/link";
import { useRested } from "@/ui/primitives/useRested";
import * as say from "@/words/screens/shell/places";

interface Place {
  readonly href: string;
  readonly label: string;
  readonly match: (path: string) => boolean;
  /** Few go there: it is fetched when they do, not while somebody types elsewhere. */
  readonly isRare?: boolean;
}

const under = (href: string) => (path: string) => path.startsWith(href);

const PLACES: readonly Place[] = [
  { href: "/", label: say.rack, match: (path) => path === "/" || path.startsWith("/job") },
  { href: "/displays", label: say.displays, match: under("/displays") },
  { href: "/faults", label: say.faults, match: under("/faults"), isRare: true },
  { href: "/practice", label: say.practice, match: under("/practice"), isRare: true },
  { href: "/book", label: say.book, match: under("/book"), isRare: true },
  { href: "/tables", label: say.tables, match: under("/tables") },
];

/** Down the side; along the top of a narrow window. */
const BAR = [
  "no-print w-[92px] shrink-0 border-r border-rule pt-4 md:sticky md:top-0 md:h-[calc(100vh-53px)] md:self-start",
  "max-md:flex max-md:w-full max-md:overflow-x-auto max-md:border-r-0 max-md:border-b max-md:pt-0",
].join(" ");
const PLACE = "flex min-h-11 items-center border-l-4 px-4 max-md:border-b-4 max-md:border-l-0 max-md:px-2.5";

/** Time the first screen has to itself before the places one may go to are fetched, ms. */
const FETCH_AFTER_MS = 1000;

/** The places of the product. */
export function Places({ path }: { readonly path: string }) {
  const rested = useRested(FETCH_AFTER_MS);
  return (
    <nav aria-label={say.places} className={BAR}>
      {PLACES.map(({ href, label, match, isRare }) => {
        const here = match(path);
        const look = here ? "border-action font-bold" : "border-transparent text-quiet hover:text-ink";
        return (
          <Link
            key={href}
            href={href}
            prefetch={isRare || !rested ? false : null}
            aria-current={here ? "page" : undefined}
            className={`${PLACE} ${look}`}
          >
            {label}
          </Link>
        );
      })}
    </nav>
  );
}

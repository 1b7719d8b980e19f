"use client";
import Link from "next/link";
import * as say from "@/words/screens/shell/places";

const PLACES = [
  { href: "/", label: say.rack, match: (path: string) => path === "/" || path.startsWith("/job") },
  { href: "/displays", label: say.displays, match: (path: string) => path.startsWith("/displays") },
  { href: "/faults", label: say.faults, match: (path: string) => path.startsWith("/faults") },
  { href: "/practice", label: say.practice, match: (path: string) => path.startsWith("/practice") },
  { href: "/tables", label: say.tables, match: (path: string) => path.startsWith("/tables") },
] as const;

const RARE: ReadonlySet<string> = new Set(["/faults", "/practice"]);

/** The places of the product. */
export function Places({ path }: { readonly path: string }) {
  return (
    <nav
      aria-label={say.places}
      className="no-print w-[92px] shrink-0 border-r border-rule pt-4 max-md:flex max-md:w-full max-md:overflow-x-auto max-md:border-r-0 max-md:border-b max-md:pt-0 md:sticky md:top-0 md:h-[calc(100vh-53px)] md:self-start"
    >
      {PLACES.map(({ href, label, match }) => {
        const here = match(path);
        return (
          <Link
            key={href}
            href={href}
            // What few go to is fetched when they do, not while somebody types elsewhere.
            prefetch={RARE.has(href) ? false : null}
            aria-current={here ? "page" : undefined}
            className={`flex min-h-11 items-center border-l-4 px-4 max-md:border-b-4 max-md:px-2.5 max-md:border-l-0 ${here ? "border-action font-bold" : "border-transparent text-quiet hover:text-ink"}`}
          >
            {label}
          </Link>
        );
      })}
    </nav>
  );
}

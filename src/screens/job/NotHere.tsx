import Link from "next/link";

/** What stands in for a bike that is not on this machine. */
export function NotHere() {
  return (
    <div className="max-w-xl py-10">
      <h1 className="text-3xl">This bike is not on this machine</h1>
      <p className="my-4 text-quiet">
        Jobs are kept in the browser they were made in. Import its file from the rack to work on it here.
      </p>
      <Link href="/" className="font-semibold underline">
        Back to the rack
      </Link>
    </div>
  );
}

import Link from "next/link";
import * as say from "@/words/screens/job/notHere";

/** What stands in for a bike that is not on this machine. */
export function NotHere() {
  return (
    <div className="max-w-xl py-10">
      <h1 className="text-3xl">{say.thisBikeIsNot}</h1>
      <p className="my-4 text-quiet">{say.jobsAreKeptIn}</p>
      <Link href="/" className="font-semibold underline">
        {say.backToTheRack}
      </Link>
    </div>
  );
}

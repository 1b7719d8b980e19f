import Link from "next/link";
import * as say from "@/words/screens/app/not-found";

export default function NotFound() {
  return (
    <div className="max-w-xl py-16">
      <h1 className="text-3xl">{say.nothingStandsHere}</h1>
      <p className="my-4">{say.theAddressLeadsTo}</p>
      <Link href="/" className="font-semibold underline">
        {say.backToTheRack}
      </Link>
    </div>
  );
}

"use client";
import Link from "next/link";
import { useState } from "react";
import { Button, buttonClass } from "@/ui/primitives";
import * as say from "@/words/screens/shell/shortOfRoom";
import { Alarm } from "./Alarm";

/** Says in time that the browser's room is nearly used up, and where to go; it can be put away. */
export function ShortOfRoom() {
  const [isAway, putAway] = useState(false);
  if (isAway) return null;
  return (
    <Alarm>
      <p className="font-semibold">{say.nearlyFull}</p>
      <p className="mb-3 text-[0.95rem]">{say.whatToDo}</p>
      <div className="flex flex-wrap gap-3">
        <Link href="/book/backup" className={buttonClass("main")} onClick={() => putAway(true)}>
          {say.toTheBackup}
        </Link>
        <Button onClick={() => putAway(true)}>{say.later}</Button>
      </div>
    </Alarm>
  );
}

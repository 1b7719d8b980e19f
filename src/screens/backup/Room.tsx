"use client";
import { useEffect, useState } from "react";
import { isNearlyFull } from "@/store";
import { askToKeep, roomNow, type Room as RoomState } from "@/store/room";
import { Button, Caution, useTell } from "@/ui/primitives";
import * as say from "@/words/screens/backup/room";

/** How much room there is, and whether the browser keeps what is in it. */
export function Room() {
  const tell = useTell();
  const [room, setRoom] = useState<RoomState | null | "asking">("asking");
  const look = () => void roomNow().then(setRoom);
  useEffect(look, []);
  if (room === "asking") return null;
  const ask = async () => {
    if (!(await askToKeep())) tell(say.refused);
    look();
  };
  return (
    <section aria-labelledby="room" className="mt-8">
      <h2 id="room" className="mb-1 text-[1.35rem]">
        {say.room}
      </h2>
      {room === null ? (
        <p className="text-quiet">{say.notTold}</p>
      ) : (
        <>
          <p>{say.used(room.usedBytes, room.quotaBytes)}</p>
          {isNearlyFull(room.usedBytes, room.quotaBytes) ? <Caution>{say.nearlyFull}</Caution> : null}
          {room.kept === null ? null : (
            <p className="max-w-[70ch] text-quiet">{room.kept ? say.keptForGood : say.notKeptForGood}</p>
          )}
          {room.kept === false ? (
            <Button weight="quiet" onClick={() => void ask()}>
              {say.askForIt}
            </Button>
          ) : null}
        </>
      )}
    </section>
  );
}

"use client";
import { readClass } from "@/core/law/ownClass";
import { type OwnClass } from "@/store";
import { addClass, removeClass, restoreClass } from "@/store/classes";
import { Button, SignShape, useKeptState, useTell } from "@/ui/primitives";
import { useState } from "react";
import { ClassForm } from "./ClassForm";
import { useClasses } from "./useClasses";
import * as say from "@/words/screens/classes/ownClasses";

/** The shop's own classes: described anew, amended from one that is known, taken out. */
export function OwnClasses() {
  const { all, own } = useClasses();
  const [openId, setOpen] = useKeptState("class", "");
  const [from, setFrom] = useState("");
  const begin = async (id: string) => {
    const fresh = await addClass(all.find((rule) => rule.id === id) ?? null);
    setOpen(fresh.id);
    setFrom("");
  };
  return (
    <section aria-labelledby="own-classes" className="mt-8">
      <h3 id="own-classes" className="text-[1.35rem]">
        {say.heading}
      </h3>
      <p className="mb-3 max-w-[70ch] text-quiet">{say.what}</p>
      <ul>
        {own.map((each) => (
          <OneClass
            key={each.id}
            own={each}
            isOpen={each.id === openId}
            onOpen={() => setOpen(each.id === openId ? "" : each.id)}
          />
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Button onClick={() => void begin("")}>{say.describe}</Button>
        <label className="flex min-w-0 flex-col gap-1 text-[0.92rem] font-semibold">
          {say.amendLabel}
          <select
            value={from}
            onChange={(event) => setFrom(event.target.value)}
            className="min-h-11 max-w-full rounded-md border-2 border-rule bg-sheet px-3 py-1.5 font-normal hover:border-quiet focus:border-action"
          >
            <option value="" />
            {all.map((rule) => (
              <option key={rule.id} value={rule.id}>
                {rule.name}
              </option>
            ))}
          </select>
        </label>
        <Button disabled={from === ""} onClick={() => void begin(from)}>
          {say.amend}
        </Button>
      </div>
    </section>
  );
}

interface OneClassProps {
  readonly own: OwnClass;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

function OneClass({ own, isOpen, onOpen }: OneClassProps) {
  const tell = useTell();
  const name = own.typed.name?.trim() || say.unnamed;
  const reading = readClass(own.id, own.typed);
  const drop = async () => {
    const gone = await removeClass(own.id);
    if (gone) tell(say.wasTakenOut(name), () => void restoreClass(gone));
  };
  return (
    <li className="border-b border-rule py-2.5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <div className="min-w-0">
          <p className="font-semibold break-words">{reading.ok ? reading.rule.badge : name}</p>
          <p className="text-[0.93rem] text-quiet">
            <SignShape sign={reading.ok ? "done" : "unknown"} size={12} />{" "}
            {reading.ok ? say.whole : say.stillAsked(Object.keys(reading.problems).length)}
          </p>
        </div>
        <div className="flex gap-2">
          <Button
            weight="quiet"
            aria-expanded={isOpen}
            aria-label={isOpen ? undefined : say.changeOf(name)}
            onClick={onOpen}
          >
            {isOpen ? say.close : say.open}
          </Button>
          <Button weight="quiet" aria-label={say.takeOutOf(name)} onClick={() => void drop()}>
            {say.takeOut}
          </Button>
        </div>
      </div>
      {isOpen ? <ClassForm own={own} name={name} /> : null}
    </li>
  );
}

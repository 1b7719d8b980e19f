"use client";
import { useState } from "react";
import { SHIPPED_DISPLAYS } from "@/catalog/displays";
import { atHome, factoryRaws, rawValues, settingsOf, shows, SETTINGS, type DisplayProfile, type Line, type MenuState } from "@/core/display";
import { SimulatedDisplay } from "@/ui/lcd/SimulatedDisplay";
import { useLiveMachine } from "@/ui/lcd/useLiveMachine";
import { Caution } from "@/ui/primitives";
import { deedWords, keyNames, lineName, secondsOf, WHO_SETS } from "@/ui/wording";

/** The displays this copy knows: their keys, their lines, and a simulated one to press. */
export function Displays() {
  return (
    <div className="mx-auto max-w-[1160px]">
      <h1 className="mb-1 text-[2.1rem]">Displays</h1>
      <p className="mb-6 max-w-[64ch] text-quiet">The display that ships is invented, to learn on. Press its keys: it does what its description says, and nothing here touches a bike.</p>
      {SHIPPED_DISPLAYS.map((profile) => (
        <DisplaySheet key={profile.id} profile={profile} />
      ))}
    </div>
  );
}

const SCREENS = { off: "Off", home: "Home screen", menu: "Menu", code: "Code", confirm: "Question", monitor: "Monitor" } as const;

function whoSets(line: Line): string {
  const [setting] = settingsOf(line);
  return line.makerOnly ? WHO_SETS.maker : setting ? WHO_SETS[SETTINGS[setting].setBy] : "nobody";
}

function DisplaySheet({ profile }: { readonly profile: DisplayProfile }) {
  const [state, setState] = useState<MenuState>(() => atHome(profile, factoryRaws(profile)));
  const onHold = useLiveMachine({ profile, state, running: true, onState: setState });
  const { idle } = profile.menu;
  return (
    <article aria-label={profile.name} className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="min-w-0">
        <h2 className="text-[1.6rem]">{profile.name}</h2>
        <p className="mb-4 text-quiet">
          {profile.variant}. {profile.source} Menu closes after {secondsOf(idle.closesAfterMs)} s and {idle.pending === "save" ? "saves" : "throws away"} what is not saved; {profile.inForce === "at-once" ? "values act at once" : "values act after a power cycle"}.
        </p>
        <h3 className="mb-1 text-[1.15rem]">Keys</h3>
        <table className="mb-6 w-full text-[0.95rem]">
          <thead className="text-left text-[0.82rem] text-quiet">
            <tr className="border-b border-rule">
              <th className="py-1 font-semibold">On</th>
              <th className="py-1 font-semibold">Keys</th>
              <th className="py-1 font-semibold">What it does</th>
            </tr>
          </thead>
          <tbody>
            {profile.rules.map((rule, i) => (
              <tr key={i} className="border-b border-rule">
                <td className="py-1 pr-3 text-quiet">{SCREENS[rule.on]}</td>
                <td className="py-1 pr-3 font-semibold">
                  {keyNames(profile, rule.keys)} {rule.gesture.kind === "hold" ? <span className="font-normal text-quiet">held {secondsOf(rule.gesture.holdMs)} s</span> : null}
                </td>
                <td className="py-1">{deedWords(profile, rule)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <h3 className="mb-1 text-[1.15rem]">Lines</h3>
        <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label={`Lines of ${profile.name}`}>
          <table className="w-full min-w-[560px] text-[0.95rem]">
            <thead className="text-left text-[0.82rem] text-quiet">
              <tr className="border-b border-rule">
                <th className="py-1 font-semibold">Line</th>
                <th className="py-1 font-semibold">Sets</th>
                <th className="py-1 font-semibold">Shows</th>
                <th className="py-1 font-semibold">Maker’s</th>
                <th className="py-1 font-semibold">Set by</th>
              </tr>
            </thead>
            <tbody>
              {profile.lines.map((line) => {
                const raws = rawValues(line.encoding);
                const first = raws[0];
                const last = raws[raws.length - 1];
                const range = line.encoding.kind === "read-only" ? line.encoding.shows : raws.length <= 10 ? raws.map((raw) => shows(line.encoding, raw)).join(" ") : first !== undefined && last !== undefined ? `${shows(line.encoding, first)} to ${shows(line.encoding, last)}` : "";
                return (
                  <tr key={line.code} className="border-b border-rule">
                    <td className="py-1 font-bold">{line.code}</td>
                    <td className="py-1 pr-3">{lineName(line)}</td>
                    <td className="py-1 pr-3">{range}</td>
                    <td className="py-1 pr-3">{line.encoding.kind === "read-only" ? "—" : shows(line.encoding, line.factoryRaw)}</td>
                    <td className="py-1 text-quiet">{whoSets(line)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      </div>
      <aside aria-label="Simulated display" className="self-start lg:sticky lg:top-4">
        <SimulatedDisplay profile={profile} state={state} onHold={onHold} />
        <p className="mt-3 text-[0.9rem] text-quiet">On a keyboard: {profile.keys.map((key) => `${key.name} is ${key.keyboard}`).join(", ")}.</p>
        {state.screen.kind === "walk-assist" ? (
          <div className="mt-3">
            <Caution>On a bike the motor would run now. Let go.</Caution>
          </div>
        ) : null}
      </aside>
    </article>
  );
}

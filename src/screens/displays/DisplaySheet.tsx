"use client";
import { rawValues, settingsOf, shows, SETTINGS, type DisplayProfile, type Line } from "@/core/display";
import { RuledTable } from "@/ui/primitives";
import { deedWords, gestureWords, keyNames, lineName, ruleConditions, WHO_SETS } from "@/words";
import { WAYS_OF_SAVING } from "@/words/manners";
import * as say from "@/words/screens/displays/displaySheet";

const SCREENS = {
  off: say.off,
  home: say.homeScreen,
  menu: say.menu,
  code: say.code,
  confirm: say.question,
  monitor: say.monitor,
} as const;

function whoSets(line: Line): string {
  const [setting] = settingsOf(line);
  return line.makerOnly ? WHO_SETS.maker : setting ? WHO_SETS[SETTINGS[setting].setBy] : "nobody";
}

function rangeOf({ encoding }: Line): string {
  if (encoding.kind === "read-only") return encoding.shows ?? say.varies;
  const raws = rawValues(encoding);
  if (raws.length <= 8) return raws.map((raw) => shows(encoding, raw)).join(" · ");
  return say.displaySheetTo(shows(encoding, raws[0] ?? 0), shows(encoding, raws.at(-1) ?? 0));
}

/** All that is known of a display: how its menu behaves, its keys, its lines. */
export function DisplaySheet({ profile }: { readonly profile: DisplayProfile }) {
  const { idle, saves } = profile.menu;
  return (
    <div className="min-w-0">
      <p className="mb-5 max-w-[70ch] text-quiet">
        {say.theMenuClosesAfter(
          profile.source,
          idle.closesAfterMs,
          idle.pending,
          WAYS_OF_SAVING[saves].inASentence,
          profile.inForce,
        )}
      </p>
      <h3 className="mb-1 text-[1.15rem]">{say.keys}</h3>
      <div className="mb-6">
        <RuledTable label={say.keysOf(profile.name)} headings={[say.on, say.keys, say.whatItDoes]}>
          {profile.rules.map((rule, i) => (
            <tr key={i} className="border-b border-rule align-top">
              <td className="py-1 pr-3 whitespace-nowrap text-quiet">{SCREENS[rule.on]}</td>
              <td className="py-1 pr-3 font-semibold">
                {keyNames(profile, rule.keys)}{" "}
                <span className="font-normal text-quiet">
                  {rule.gesture.kind === "tap" ? "" : gestureWords(profile, rule)}
                </span>
              </td>
              <td className="py-1">
                {deedWords(profile, rule)}
                {ruleConditions(profile, rule) ? (
                  <span className="text-quiet">, {ruleConditions(profile, rule)}</span>
                ) : null}
              </td>
            </tr>
          ))}
        </RuledTable>
      </div>
      <h3 className="mb-1 text-[1.15rem]">{say.lines}</h3>
      <RuledTable
        label={say.linesOf(profile.name)}
        headings={[say.line, say.sets, say.shows, say.makers, say.setBy]}
        widthClass="min-w-[540px]"
      >
        {profile.lines.map((line) => (
          <tr key={line.code} className="border-b border-rule align-top">
            <td className="py-1 pr-3 font-bold whitespace-nowrap">{line.code}</td>
            <td className="py-1 pr-3">
              {lineName(line)}
              {line.shownWhen ? (
                <span className="block text-[0.82rem] text-quiet">
                  {say.onlyWith(line.shownWhen.map((each) => each.line).join(say.and))}
                </span>
              ) : null}
            </td>
            <td className="py-1 pr-3">{rangeOf(line)}</td>
            <td className="py-1 pr-3">
              {line.encoding.kind === "read-only"
                ? "—"
                : line.factoryRaw === null
                  ? say.notKnown
                  : shows(line.encoding, line.factoryRaw)}
            </td>
            <td className="py-1 text-quiet">{whoSets(line)}</td>
          </tr>
        ))}
      </RuledTable>
      {profile.faultCodes.length > 0 ? (
        <>
          <h3 className="mt-6 mb-1 text-[1.15rem]">{say.faultCodes}</h3>
          <dl>
            {profile.faultCodes.map(({ code, says }) => (
              <div key={code} className="flex gap-4 border-t border-rule py-1">
                <dt className="w-32 font-bold">{code}</dt>
                <dd>{says}</dd>
              </div>
            ))}
          </dl>
        </>
      ) : null}
    </div>
  );
}

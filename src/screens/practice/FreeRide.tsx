"use client";
import { useMemo, useState } from "react";
import { classById } from "@/catalog/classes/classes";
import { FAULTS } from "@/catalog/faults";
import { CODE_WORDS } from "@/catalog/faults/codeWords";
import { BENCH_CLASSES, BENCH_KITS } from "@/catalog/rig/kits";
import { atHome, type DisplayProfile } from "@/core/display";
import { signOfCode } from "@/core/faults/case";
import { codesOf, drawnFault, injectable, withCause } from "@/core/practice";
import { kitFor, liveBike } from "@/core/rig";
import { Button, Pick } from "@/ui/primitives";
import { causeName } from "@/words/faults/causes";
import * as say from "@/words/screens/practice/freeRide";
import { benchRawsAsk } from "@/workers/keysClient";
import { Bench } from "../bench/Bench";
import { usePlan } from "../job/usePlan";

const NONE = "none";
const UNKNOWN = "unknown";

/** A whole bike behind a display, to ride and to press; sound, or with a fault put in. */
export function FreeRide({ profile }: { readonly profile: DisplayProfile }) {
  const [kit, setKit] = useState("0");
  const [rule, setRule] = useState(BENCH_CLASSES[0] ?? "");
  const [put, setPut] = useState<{ readonly as: string; readonly cause: string }>({ as: NONE, cause: NONE });
  const [told, setTold] = useState(false);
  const typed = useMemo(() => kitFor(profile, BENCH_KITS, Number(kit)), [profile, kit]);
  const ask = useMemo(() => (typed ? benchRawsAsk(profile, typed, classById(rule)) : null), [profile, typed, rule]);
  const { plan: raws } = usePlan(ask);
  const set = useMemo(() => {
    const bike = typed ? liveBike(profile, typed) : null;
    return bike && raws ? withCause(FAULTS, { bike, raws }, put.cause) : null;
  }, [profile, typed, raws, put.cause]);
  const causes = useMemo(() => injectable(FAULTS, profile), [profile]);
  const codes = useMemo(() => codesOf(profile.faultCodes, (says) => signOfCode(CODE_WORDS, says)), [profile]);
  const inject = (as: string) => {
    setTold(false);
    setPut({ as, cause: as === UNKNOWN ? drawnFault(causes, Math.random) : as });
  };
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,2.2fr)_minmax(0,1fr)]">
      {set ? (
        <Bench key={`${kit} ${rule} ${put.cause}`} bike={set.bike} start={atHome(profile, set.raws)} codes={codes} />
      ) : (
        <div className="min-h-[60vh]" />
      )}
      <section aria-label={say.ride} className="grid content-start gap-4">
        <Pick
          label={say.bike}
          value={kit}
          options={BENCH_KITS.map(({ nickname }, i) => ({ value: String(i), label: nickname ?? "" }))}
          onPick={setKit}
        />
        <Pick
          label={say.setFor}
          value={rule}
          options={BENCH_CLASSES.map((id) => ({ value: id, label: classById(id)?.name ?? id }))}
          onPick={setRule}
        />
        <Pick
          label={say.fault}
          value={put.as}
          options={[
            { value: NONE, label: say.NONE },
            { value: UNKNOWN, label: say.UNKNOWN },
            ...causes.map((id) => ({ value: id, label: causeName(id) })),
          ]}
          onPick={inject}
        />
        {put.as !== UNKNOWN ? null : told ? (
          <p className="font-semibold">{say.itIs(causeName(put.cause))}</p>
        ) : (
          <div>
            <Button onClick={() => setTold(true)}>{say.whatIsIt}</Button>
          </div>
        )}
      </section>
    </div>
  );
}

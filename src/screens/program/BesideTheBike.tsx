"use client";
import { useSyncExternalStore } from "react";
import { useOwnPace } from "@/ui/besideTheBike/ownPace";
import { forgetPace, useSamples } from "@/ui/besideTheBike/paceLearning";
import { FASTEST_RATE, setSettings, SLOWEST_RATE, useSettings } from "@/ui/besideTheBike/settings";
import { playNotes } from "@/ui/besideTheBike/sound";
import { notesOf } from "@/ui/besideTheBike/score";
import { speak, voicesNow, watchVoices } from "@/ui/besideTheBike/voice";
import { Button } from "@/ui/primitives";
import { Panel } from "@/ui/primitives/Panel";
import { Pick } from "@/ui/primitives/Pick";
import { cuesOf } from "@/core/keys/cues";
import { ALOUD_LANG } from "@/words/aloud";
import * as say from "@/words/screens/program/besideTheBike";
import { AnyHand } from "./AnyHand";
import { moment } from "./Countdown";
import { OnOff, Part, Slide } from "./settingParts";

/** Counting, reading aloud, hands and feet, and one's own pace: kept by this device. */
export function BesideTheBike({ onClose }: { readonly onClose: () => void }) {
  return (
    <Panel open onOpenChange={onClose} title={say.besideTheBike} description={say.keptOnThisDevice}>
      <div className="flex flex-col gap-6">
        <CountWithMe />
        <ReadToMe />
        <AnyHand />
        <YourPace />
      </div>
    </Panel>
  );
}

function CountWithMe() {
  const { counts, volume } = useSettings();
  const pace = useOwnPace();
  const tryIt = () => {
    const runs = [
      { stroke: { kind: "tap", keys: [""] }, count: 3 },
      { stroke: { kind: "hold", keys: [""], holdMs: 1500 }, count: 1 },
    ] as const;
    playNotes(notesOf(cuesOf(runs, pace)), moment() + 100, volume);
  };
  return (
    <Part title={say.countWithMe}>
      <OnOff
        label={say.countWithMe}
        hideLabel
        hint={say.whatCountingDoes}
        on={counts}
        onChoose={(on) => setSettings({ counts: on })}
      />
      <Slide
        label={say.volume}
        said={say.volumeSaid(volume)}
        value={volume}
        least={0}
        most={1}
        step={0.1}
        onSlide={(next) => setSettings({ volume: next })}
      />
      <div>
        <Button onClick={tryIt} disabled={volume === 0}>
          {say.hearThreeTaps}
        </Button>
      </div>
    </Part>
  );
}

const NO_VOICES: readonly SpeechSynthesisVoice[] = [];
let lastVoices = NO_VOICES;
/** The same list while it holds the same voices. */
function voicesKept(): readonly SpeechSynthesisVoice[] {
  const now = voicesNow();
  if (now.length !== lastVoices.length) lastVoices = now;
  return lastVoices;
}

function ReadToMe() {
  const { speaks, voice, rate } = useSettings();
  const voices = useSyncExternalStore(watchVoices, voicesKept, () => NO_VOICES);
  return (
    <Part title={say.readToMe}>
      <OnOff
        label={say.readToMe}
        hideLabel
        hint={voices.length === 0 ? say.noVoiceHere : say.whatReadingDoes}
        on={speaks}
        onChoose={(on) => setSettings({ speaks: on })}
      />
      {voices.length > 0 ? (
        <Pick
          label={say.voice}
          value={voice}
          options={[
            { value: "", label: say.browsersOwn },
            ...voices.map(({ voiceURI, name, lang }) => ({ value: voiceURI, label: `${name}, ${lang}` })),
          ]}
          onPick={(next) => setSettings({ voice: next })}
        />
      ) : null}
      <Slide
        label={say.rate}
        said={say.rateSaid(rate)}
        value={rate}
        least={SLOWEST_RATE}
        most={FASTEST_RATE}
        step={0.1}
        onSlide={(next) => setSettings({ rate: next })}
      />
      <div>
        <Button onClick={() => speak(say.trialSentence, ALOUD_LANG, { voice, rate })}>{say.hearASentence}</Button>
      </div>
    </Part>
  );
}

function YourPace() {
  const pace = useOwnPace();
  const samples = useSamples();
  return (
    <Part title={say.yourPace}>
      <p className="text-quiet">{say.learntFrom(samples.length)}</p>
      <dl className="grid grid-cols-[1fr_auto] gap-x-6 gap-y-1">
        {say.paceParts(pace).map(([part, time]) => (
          <div key={part} className="contents">
            <dt>{part}</dt>
            <dd className="text-right font-semibold tabular-nums">{time}</dd>
          </div>
        ))}
      </dl>
      <div>
        <Button onClick={forgetPace} disabled={samples.length === 0}>
          {say.backToTheUsualPace}
        </Button>
      </div>
    </Part>
  );
}

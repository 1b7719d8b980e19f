"use client";
import { useId } from "react";
import type { Grips } from "@/core/rig";
import type { Bench } from "@/ui/bench/useBench";
import { Choice } from "@/ui/primitives";
import { buttonClass } from "@/ui/primitives/Button";
import * as say from "@/words/screens/bench/bench";

/** What rider, road and battery do: all of it with one hand, since the other is at the keys. */
export function RiderAndRoad({ bench, grips }: { readonly bench: Bench; readonly grips: Grips }) {
  const { hands, live, put } = bench;
  return (
    <div className="mt-3 grid gap-3" role="group" aria-label={say.rider}>
      <Choice
        label={say.pedals}
        value={hands.pedals}
        options={[
          { value: "still", label: say.PEDALS.still },
          { value: "forward", label: say.PEDALS.forward },
          { value: "backward", label: say.PEDALS.backward },
        ]}
        onChoose={(pedals) => put({ pedals })}
      />
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        {grips.throttle ? (
          <Slider
            label={say.throttle}
            value={hands.throttle}
            from={0}
            to={1}
            step={0.05}
            says={say.throttlePulled(hands.throttle)}
            onSlide={(throttle) => put({ throttle })}
            springsBack
          />
        ) : null}
        {grips.brake ? <BrakeLever held={hands.brake} onHold={(brake) => put({ brake })} /> : null}
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <Choice
          label={say.where}
          value={hands.wheelUp ? "up" : "road"}
          options={[
            { value: "up", label: say.WHERE.up },
            { value: "road", label: say.WHERE.road },
          ]}
          onChoose={(place) => put({ wheelUp: place === "up" })}
        />
        <Choice
          label={say.battery}
          value={live.menu.screen.kind === "off" ? "off" : "on"}
          options={[
            { value: "on", label: say.BATTERY.on },
            { value: "off", label: say.BATTERY.off },
          ]}
          onChoose={(state) => bench.power(state === "on")}
        />
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-1">
        <Slider
          label={say.charge}
          value={live.charge}
          from={0}
          to={1}
          step={0.01}
          says={say.chargeOf(live.charge)}
          onSlide={bench.charge}
        />
        {hands.wheelUp ? null : (
          <Slider
            label={say.grade}
            value={hands.grade}
            from={-0.05}
            to={0.15}
            step={0.01}
            says={say.gradeOf(hands.grade)}
            onSlide={(grade) => put({ grade })}
          />
        )}
      </div>
    </div>
  );
}

interface SliderProps {
  readonly label: string;
  readonly value: number;
  readonly from: number;
  readonly to: number;
  readonly step: number;
  readonly says: string;
  readonly onSlide: (value: number) => void;
  /** Whether it goes back to its rest when the finger lets go, as a throttle does. */
  readonly springsBack?: boolean;
}

function Slider({ label, value, from, to, step, says, onSlide, springsBack = false }: SliderProps) {
  const id = useId();
  const letGo = springsBack ? () => onSlide(from) : undefined;
  return (
    <div className="min-w-44 flex-1">
      <label htmlFor={id} className="block text-[0.92rem] font-semibold">
        {label} <span className="font-normal text-quiet tabular-nums">{says}</span>
      </label>
      <input
        id={id}
        type="range"
        min={from}
        max={to}
        step={step}
        value={value}
        aria-valuetext={says}
        onChange={(event) => onSlide(event.target.valueAsNumber)}
        onPointerUp={letGo}
        onPointerCancel={letGo}
        onBlur={letGo}
        className="h-11 w-full max-w-72 accent-action"
      />
    </div>
  );
}

/** A lever: held for as long as it is pressed. */
function BrakeLever({ held, onHold }: { readonly held: boolean; readonly onHold: (held: boolean) => void }) {
  return (
    <button
      type="button"
      aria-pressed={held}
      className={`${buttonClass("plain")} touch-none select-none justify-self-start aria-pressed:bg-select`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        onHold(true);
      }}
      onPointerUp={() => onHold(false)}
      onPointerCancel={() => onHold(false)}
      onBlur={() => onHold(false)}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        if ((event.key === " " || event.key === "Enter") && !event.repeat) onHold(true);
      }}
      onKeyUp={(event) => {
        if (event.key === " " || event.key === "Enter") onHold(false);
      }}
    >
      {say.brake}
    </button>
  );
}

"use client";
import { useId, useState, type PointerEvent } from "react";
import { ticks, toLower, toUpper, UNIT_PAIRS, upperAt, type UnitPair } from "@/core/units/rule";
import { readNumbers } from "@/core/facts/lists";
import { Choice, KeptField } from "@/ui/primitives";
import { plain } from "@/words";
import * as say from "@/words/screens/tables/unitRule";

const NAMES: Readonly<Record<UnitPair["id"], string>> = {
  speed: say.unitRuleSpeed,
  distance: say.unitRuleDistance,
  length: say.length,
  mass: say.mass,
  temperature: say.temperature,
};
const [FIRST] = UNIT_PAIRS;

/** A rule with two scales and one hairline: move it, or type on either side. */
export function UnitRule() {
  const [id, setId] = useState<UnitPair["id"]>("speed");
  const pair = UNIT_PAIRS.find((each) => each.id === id) ?? FIRST;
  return (
    <div className="flex flex-col gap-5">
      <Choice
        label={say.units}
        hideLabel
        value={id}
        options={UNIT_PAIRS.map((each) => ({
          value: each.id,
          label: `${NAMES[each.id]}: ${each.upper} and ${each.lower}`,
        }))}
        onChoose={(next) => setId(UNIT_PAIRS.find((each) => each.id === next)?.id ?? "speed")}
      />
      {pair ? <Rule key={pair.id} pair={pair} /> : null}
    </div>
  );
}

/** A number as typed on one side; the comma counts as a point. */
function typedNumber(typed: string): number | null {
  const { values, problem } = readNumbers(typed.replace("−", "-"), -1e6, 1e6);
  return problem || values.length !== 1 ? null : (values[0] ?? null);
}

function Rule({ pair }: { readonly pair: UnitPair }) {
  const [upper, setUpper] = useState(pair.start);
  const [typed, setTyped] = useState<{ readonly side: "upper" | "lower"; readonly text: string } | null>(null);
  const lower = toLower(pair, upper);
  const slider = useId();
  const type = (side: "upper" | "lower") => (text: string) => {
    setTyped({ side, text });
    const value = typedNumber(text);
    if (value !== null) setUpper(side === "upper" ? value : toUpper(pair, value));
  };
  const problem = typed && typed.text.trim() !== "" && typedNumber(typed.text) === null ? say.giveANumber : null;
  const shown = (side: "upper" | "lower") =>
    typed?.side === side ? typed.text : plain(side === "upper" ? upper : lower, 3);
  return (
    <>
      <Scales
        pair={pair}
        upper={upper}
        onMove={(next) => {
          setTyped(null);
          setUpper(next);
        }}
      />
      <div>
        <label htmlFor={slider} className="sr-only">
          {say.unitRuleHairline(pair.upper)}
        </label>
        <input
          id={slider}
          type="range"
          min={pair.from}
          max={pair.to}
          step={(pair.to - pair.from) / 600}
          value={Math.min(pair.to, Math.max(pair.from, upper))}
          aria-valuetext={`${plain(upper, 1)} ${pair.upper}, ${plain(lower, 1)} ${pair.lower}`}
          onChange={(event) => {
            setTyped(null);
            setUpper(upperAt(pair, (Number(event.target.value) - pair.from) / (pair.to - pair.from)));
          }}
          className="h-11 w-full accent-action"
        />
      </div>
      <div className="grid max-w-xl grid-cols-2 gap-6">
        <KeptField
          of={`upper ${pair.upper}`}
          label={pair.upper === "°C" ? say.celsius : say.unitRuleIn(pair.upper)}
          numeric
          unit={pair.upper}
          value={shown("upper")}
          onKeep={type("upper")}
          problem={typed?.side === "upper" ? problem : null}
          inputClass="text-[1.4rem] font-bold"
        />
        <KeptField
          of={`lower ${pair.lower}`}
          label={pair.lower === "°F" ? say.fahrenheit : say.unitRuleIn2(pair.lower)}
          numeric
          unit={pair.lower}
          value={shown("lower")}
          onKeep={type("lower")}
          problem={typed?.side === "lower" ? problem : null}
          inputClass="text-[1.4rem] font-bold"
        />
      </div>
      <div className="working">{say.unitRuleSource(pair.says, upper, pair.upper, lower, pair.lower, pair.source)}</div>
    </>
  );
}

const WIDTH = 1000;
const MARGIN = 24;
/** Room for the names of the units. */
const RIGHT = 74;

/** Both scales one above the other, with the hairline through both. */
function Scales({
  pair,
  upper,
  onMove,
}: {
  readonly pair: UnitPair;
  readonly upper: number;
  readonly onMove: (upper: number) => void;
}) {
  const x = (at: number) => MARGIN + at * (WIDTH - MARGIN - RIGHT);
  const at = Math.min(1, Math.max(0, (upper - pair.from) / (pair.to - pair.from)));
  const drag = (event: PointerEvent<SVGSVGElement>) => {
    if (event.buttons === 0) return;
    const { left, width } = event.currentTarget.getBoundingClientRect();
    onMove(upperAt(pair, (((event.clientX - left) / width) * WIDTH - MARGIN) / (WIDTH - MARGIN - RIGHT)));
  };
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say.rule}>
      <svg
        onPointerDown={drag}
        onPointerMove={drag}
        viewBox={`0 0 ${WIDTH} 150`}
        className="w-full min-w-[560px] cursor-ew-resize touch-pan-y"
        role="img"
        aria-label={say.unitRuleIs(upper, pair.upper, toLower(pair, upper), pair.lower)}
      >
        <rect x="0" y="14" width={WIDTH} height="61" fill="var(--sheet)" />
        <rect x="0" y="75" width={WIDTH} height="61" fill="var(--select)" />
        <line x1="0" x2={WIDTH} y1="75" y2="75" stroke="var(--ink)" strokeWidth="1.5" />
        {(["upper", "lower"] as const).map((side) => (
          <g key={side} stroke="var(--ink)" fill="var(--ink)">
            {ticks(pair, side).map((tick) => {
              const up = side === "upper";
              return (
                <g key={tick.value}>
                  <line
                    x1={x(tick.at)}
                    x2={x(tick.at)}
                    y1="75"
                    y2={up ? (tick.long ? 55 : 64) : tick.long ? 95 : 86}
                    strokeWidth={tick.long ? 1.6 : 0.9}
                  />
                  {tick.long ? (
                    <text x={x(tick.at)} y={up ? 46 : 113} textAnchor="middle" stroke="none" fontSize="17">
                      {plain(tick.value, 2)}
                    </text>
                  ) : null}
                </g>
              );
            })}
            <text
              x={WIDTH - 8}
              y={side === "upper" ? 50 : 110}
              textAnchor="end"
              stroke="none"
              fontSize="17"
              fontWeight="700"
            >
              {pair[side]}
            </text>
          </g>
        ))}
        <line x1={x(at)} x2={x(at)} y1="4" y2="146" stroke="var(--breach)" strokeWidth="2.5" />
      </svg>
    </div>
  );
}

"use client";
import type { Chart, ChartConfiguration, Point } from "chart.js";
import { useEffect, useRef } from "react";
import { placedNames } from "./lineNames";
import * as say from "@/words/ui/charts/lineChart";

export interface Series {
  readonly name: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** Token the line is drawn in. */
  readonly colour: "--ink" | "--spoke" | "--breach" | "--action" | "--odd" | "--caution";
  readonly dashed?: boolean;
  /** Lengths of dash and gap, where many lines are told apart by them. */
  readonly dash?: readonly number[];
  /** Points are drawn, and the line between them is not. */
  readonly dots?: boolean;
  /** A line that goes level from point to point. */
  readonly stepped?: boolean;
  /** The one in hand is drawn in front, the others pale behind it. */
  readonly stands?: "front" | "pale";
}

interface LineChartProps {
  readonly series: readonly Series[];
  readonly xTitle: string;
  readonly yTitle: string;
  readonly label: string;
  /** One unit is as long across as up: for a picture of a way. */
  readonly square?: boolean;
  readonly tall?: boolean;
  /** The axis across counts: levels, bars. */
  readonly wholeX?: boolean;
}

/** Ranges that show all points with one scale on both axes. */
function squareRange(series: readonly Series[], aspect: number) {
  const points = series.flatMap((each) => each.points).filter(({ y }) => Number.isFinite(y));
  const span = (of: (point: { readonly x: number; readonly y: number }) => number) =>
    points.reduce<readonly [number, number]>(
      ([low, high], point) => [Math.min(low, of(point)), Math.max(high, of(point))],
      [Infinity, -Infinity],
    );
  const [x0, x1] = span(({ x }) => x);
  const [y0, y1] = span(({ y }) => y);
  const half = 0.53 * Math.max((x1 - x0) / aspect, y1 - y0, 1);
  return {
    x: { min: (x0 + x1) / 2 - half * aspect, max: (x0 + x1) / 2 + half * aspect },
    y: { min: (y0 + y1) / 2 - half, max: (y0 + y1) / 2 + half },
  };
}

/** Writes each line's name at the line, with a halo of the ground, the one in hand in full ink. */
function drawNames(
  chart: Chart,
  series: readonly Series[],
  token: (name: string) => string,
  font: { readonly family: string; readonly size: number },
): void {
  const { ctx, chartArea, scales } = chart;
  const { x: xScale, y: yScale } = scales;
  if (!xScale || !yScale) return;
  const lines = series.map(({ name, points }) => ({
    name,
    points: points
      .filter(({ y }) => Number.isFinite(y))
      .map(({ x, y }) => ({ x: xScale.getPixelForValue(x), y: yScale.getPixelForValue(y) })),
  }));
  const inHand = new Set(series.filter(({ stands }) => stands === "front").map(({ name }) => name));
  ctx.save();
  ctx.textBaseline = "middle";
  ctx.lineJoin = "round";
  for (const { name, x, y } of placedNames(lines, chartArea)) {
    const front = inHand.size === 0 || name.split(", ").some((each) => inHand.has(each));
    ctx.font = say.n700Px(front, font.size, font.family);
    ctx.strokeStyle = token("--ground");
    ctx.lineWidth = 4;
    const left = Math.min(x, chartArea.right - ctx.measureText(name).width - 4);
    ctx.strokeText(name, left, y);
    ctx.fillStyle = token(front ? "--ink" : "--quiet");
    ctx.fillText(name, left, y);
  }
  ctx.restore();
}

/** What is drawn, in the colours and faces of the theme. */
function drawingOf(
  canvas: HTMLCanvasElement,
  {
    series,
    xTitle,
    yTitle,
    square,
    wholeX,
  }: Pick<Required<LineChartProps>, "series" | "xTitle" | "yTitle" | "square" | "wholeX">,
): ChartConfiguration<"line", Point[]> {
  const tokens = getComputedStyle(document.documentElement);
  const token = (name: string) => tokens.getPropertyValue(name).trim();
  const font = { family: tokens.getPropertyValue("--font-text") || "sans-serif", size: 13 };
  const axis = (text: string) => ({
    type: "linear" as const,
    title: { display: true, text, color: token("--quiet"), font },
    grid: { color: token("--rule") },
    border: { color: token("--rule") },
    ticks: { color: token("--quiet"), font },
  });
  const scalesOf = (x: ReturnType<typeof axis>, y: ReturnType<typeof axis>) => {
    if (!square) return { x: wholeX ? { ...x, ticks: { ...x.ticks, precision: 0, stepSize: 1 } } : x, y };
    const { clientWidth, clientHeight } = canvas;
    const range = squareRange(series, clientWidth / Math.max(1, clientHeight));
    return { x: { ...x, ...range.x }, y: { ...y, ...range.y } };
  };
  return {
    type: "line",
    data: {
      datasets: series.map(({ name, points, colour, dashed, dash, dots, stepped, stands }) => ({
        label: name,
        order: stands === "front" ? 0 : stands === "pale" ? 2 : 1,
        data: [...points],
        borderColor: token(colour),
        backgroundColor: token(colour),
        borderWidth: stands === "front" ? 4 : stands === "pale" ? 1.4 : 2.5,
        borderDash: dash ? [...dash] : dashed ? [6, 5] : [],
        pointRadius: dots ? 4.5 : 0,
        showLine: !dots,
        stepped: stepped ?? false,
        spanGaps: false,
      })),
    },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      scales: scalesOf(axis(xTitle), axis(yTitle)),
    },
    plugins: [{ id: "names", afterDatasetsDraw: (drawn) => drawNames(drawn, series, token, font) }],
  };
}

/** A line chart. The drawing library is loaded only when one comes into sight; the owner puts the table behind it. */
export function LineChart({
  series,
  xTitle,
  yTitle,
  label,
  square = false,
  tall = false,
  wholeX = false,
}: LineChartProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let gone = false;
    let destroy = () => undefined as void;
    const draw = async () => {
      const { Chart: Drawing, LineController, LineElement, LinearScale, PointElement } = await import("chart.js");
      if (gone || !canvas.current) return;
      Drawing.register(LineController, LineElement, LinearScale, PointElement);
      const chart = new Drawing(canvas.current, drawingOf(canvas.current, { series, xTitle, yTitle, square, wholeX }));
      destroy = () => chart.destroy();
    };
    let seen = false;
    const sight = new IntersectionObserver((entries) => {
      if (seen || !entries.some((entry) => entry.isIntersecting)) return;
      seen = true;
      void draw();
    });
    if (canvas.current) sight.observe(canvas.current);
    const redraw = new MutationObserver(() => {
      if (!seen) return;
      destroy();
      void draw();
    });
    redraw.observe(document.documentElement, { attributes: true, attributeFilter: ["data-theme"] });
    return () => {
      gone = true;
      sight.disconnect();
      redraw.disconnect();
      destroy();
    };
  }, [series, xTitle, yTitle, square, wholeX]);
  return (
    <div className={tall ? "h-80" : "h-64"}>
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}

"use client";
import { useEffect, useRef } from "react";

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
      const { Chart, LineController, LineElement, LinearScale, PointElement, Legend } = await import("chart.js");
      if (gone || !canvas.current) return;
      Chart.register(LineController, LineElement, LinearScale, PointElement, Legend);
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
        if (!square || !canvas.current)
          return { x: wholeX ? { ...x, ticks: { ...x.ticks, precision: 0, stepSize: 1 } } : x, y };
        const { clientWidth, clientHeight } = canvas.current;
        const range = squareRange(series, clientWidth / Math.max(1, clientHeight));
        return { x: { ...x, ...range.x }, y: { ...y, ...range.y } };
      };
      const chart = new Chart(canvas.current, {
        type: "line",
        data: {
          datasets: series.map(({ name, points, colour, dashed, dash, dots, stepped }) => ({
            label: name,
            data: [...points],
            borderColor: token(colour),
            backgroundColor: token(colour),
            borderWidth: 2.5,
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
          plugins: {
            legend: { position: "bottom", labels: { color: token("--ink"), font, boxWidth: 26, boxHeight: 1 } },
          },
        },
      });
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

"use client";
import { useEffect, useRef } from "react";

export interface Series {
  readonly name: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** Token the line is drawn in. */
  readonly colour: "--ink" | "--spoke" | "--breach" | "--action";
  readonly dashed?: boolean;
}

interface LineChartProps {
  readonly series: readonly Series[];
  readonly xTitle: string;
  readonly yTitle: string;
  readonly label: string;
}

/** A line chart. The drawing library is loaded only when one comes into sight; the owner puts the table behind it. */
export function LineChart({ series, xTitle, yTitle, label }: LineChartProps) {
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
      const axis = (text: string) => ({ type: "linear" as const, title: { display: true, text, color: token("--quiet"), font }, grid: { color: token("--rule") }, border: { color: token("--rule") }, ticks: { color: token("--quiet"), font } });
      const chart = new Chart(canvas.current, {
        type: "line",
        data: {
          datasets: series.map(({ name, points, colour, dashed }) => ({ label: name, data: [...points], borderColor: token(colour), backgroundColor: token(colour), borderWidth: 2.5, borderDash: dashed ? [6, 5] : [], pointRadius: 0 })),
        },
        options: { animation: false, responsive: true, maintainAspectRatio: false, events: [], scales: { x: axis(xTitle), y: axis(yTitle) }, plugins: { legend: { position: "bottom", labels: { color: token("--ink"), font, boxWidth: 26, boxHeight: 1 } } } },
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
  }, [series, xTitle, yTitle]);
  return (
    <div className="h-64">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}

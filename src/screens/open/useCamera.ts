"use client";
import jsQR from "jsqr";
import { useEffect, useRef, useState } from "react";

/** How often a picture is looked at, ms, and how wide it is looked at, px: enough for a dense code held in the hand. */
const LOOK_MS = 120;
const LOOK_PX = 900;

/** The camera's picture in a video, and each text a code in it holds. */
export function useCamera(onText: (text: string) => void) {
  const video = useRef<HTMLVideoElement>(null);
  const [stream, setStream] = useState<MediaStream | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const latest = useRef(onText);
  useEffect(() => {
    latest.current = onText;
  });
  const open = async () => {
    try {
      setProblem(null);
      setStream(await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } }));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  useEffect(() => {
    const shown = video.current;
    if (!stream || !shown) return;
    shown.srcObject = stream;
    void shown.play().catch(() => undefined);
    const canvas = document.createElement("canvas");
    const timer = setInterval(() => {
      const text = textIn(shown, canvas);
      if (text) latest.current(text);
    }, LOOK_MS);
    return () => {
      clearInterval(timer);
      stream.getTracks().forEach((track) => track.stop());
    };
  }, [stream]);
  return { video, isOpen: stream !== null, problem, open, close: () => setStream(null) };
}

/** What the code in the present picture holds; null where there is none to be read. */
function textIn(video: HTMLVideoElement, canvas: HTMLCanvasElement): string | null {
  if (video.videoWidth === 0) return null;
  const scale = Math.min(1, LOOK_PX / video.videoWidth);
  canvas.width = Math.round(video.videoWidth * scale);
  canvas.height = Math.round(video.videoHeight * scale);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, width, height)?.data ?? null;
}

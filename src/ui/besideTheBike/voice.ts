/** The browser's own voices, where it has any. What is said stands on screen too, with a voice or without. */
interface Speaking {
  /** Over when it was said, stopped, or could not be said. */
  readonly over: Promise<void>;
  readonly stop: () => void;
}

/** Longest a sentence is waited for, by its letters, ms: some browsers never tell that they are through. */
const LONGEST_MS = { each: 120, besides: 2500 } as const;

const SILENT: Speaking = { over: Promise.resolve(), stop: () => undefined };

const synthesis = (): SpeechSynthesis | null =>
  typeof speechSynthesis === "undefined" || typeof SpeechSynthesisUtterance === "undefined" ? null : speechSynthesis;

/** Voices there are, in the browser's order. */
export const voicesNow = (): readonly SpeechSynthesisVoice[] => synthesis()?.getVoices() ?? [];

export function watchVoices(listener: () => void): () => void {
  const voices = synthesis();
  voices?.addEventListener?.("voiceschanged", listener);
  return () => voices?.removeEventListener?.("voiceschanged", listener);
}

/** Says a text; whatever was being said before is broken off. */
export function speak(text: string, lang: string, { voice, rate }: { voice: string; rate: number }): Speaking {
  const voices = synthesis();
  if (!voices || text === "") return SILENT;
  voices.cancel();
  const utterance = new SpeechSynthesisUtterance(text);
  utterance.lang = lang;
  utterance.rate = rate;
  utterance.voice = voices.getVoices().find(({ voiceURI }) => voiceURI === voice) ?? null;
  let finish = (): void => undefined;
  const over = new Promise<void>((resolve) => {
    finish = resolve;
    utterance.onend = () => resolve();
    utterance.onerror = () => resolve();
    setTimeout(resolve, LONGEST_MS.besides + (text.length * LONGEST_MS.each) / rate);
  });
  voices.speak(utterance);
  return {
    over,
    stop: () => {
      voices.cancel();
      finish();
    },
  };
}

// The words of screens/practice/Practice.
export const practice = "Practice";
export const whatTo = "What to practise";
export const KINDS = {
  free: "Ride freely",
  "odd-line": "Find the odd line",
  "fewest-presses": "Fewest presses",
  rescue: "Rescue",
  "which-line-lies": "Which line lies?",
  fault: "Find the fault",
} as const;
export const INTRO = {
  free:
    "A whole bike behind any display. Press, pedal, ride; put a fault in and " +
    "see what it does. Nothing can be hurt.",
  "odd-line": "One line is not as this bike needs it. Ride, look, set it right; then see the shortest way.",
  "fewest-presses": "Set the lines listed with as few presses as you can; then see the fewest there are.",
  rescue: "A display left in the middle. Bring it home, every line as it was, saved and in force.",
  "which-line-lies": "One line of this firmware does nothing, or works the other way round. Try them, and say which.",
  fault:
    "A bike with one fault put in. Choose your checks, mind the minutes, name the cause. Then see how the finder " +
    "goes " +
    "about it.",
} as const;
export const display = "Display";

// The words of screens/numbers/RideFacts.
export const riderBikeAndRoad = "Rider, bike and road";
export const theMotor = "The motor";
export const asAnEquivalentMachine =
  "As an equivalent machine at the wheel. A measured wheel-off-ground speed corrects it best.";
export const torqueAtTheCrank = "Torque at the crank, through the gears.";
export const theModelsOtherFacts = "The model’s other facts";
export const guessesAreFromMemory =
  "Guesses are from memory and give way to what you type. Road load: Martin et al. 1998. Air: ISO 2533.";

/** The cautions always said in place, one sentence each: screens and papers say these and no others. */

export const chord = "Wheel clear of the floor or brake held, before any chord.";
export const standClear = "Stand clear of the wheel.";
export const whileReading = "Never ride while reading.";
export const volts = "A wrong voltage or too low a cut-off can destroy cells and start a fire.";
export const packFault = "A pack with a BMS fault is not used.";
export const moreCurrent = "Raising current heats controller, wires and connectors.";
export const moreSpeed = "Raising speed asks more of brakes, frame and tyres.";
export const classChanged = "Changing the class touches insurance and warranty: say so.";
export const throttleLive = "Switched on, a live throttle moves the bike at a touch.";
export const brakeCutOff = "Brake cut-off is proven before the bike leaves.";
export const lock = "A start PIN has no way back once forgotten: its digits stay with the owner.";
export const copyGoesAlong = "A copy of the as-found sheet goes with the bike.";

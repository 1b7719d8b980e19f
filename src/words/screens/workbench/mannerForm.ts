// The words of screens/workbench/MannerForm.
export const theKeysWereWritten = "The keys were written anew from this form.";
export const thisDisplayDoesMore =
  "This display does more than the short form below can say. Its rules are listed at the end; change them in the file. Choosing anything here writes all keys anew.";
export const gettingIn = "Getting in";
export const opensTheMenuHeld = "Opens the menu, held together";
export const heldFor = "Held for";
export const power = "Power";
export const switchesOnAndOff = "Switches on and off";
export const onHeldFor = "On, held for";
export const offHeldFor = "Off, held for";

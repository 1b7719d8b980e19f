// The words of screens/program/MenuClock.
export const theMenuHasClosed = "The menu has closed by now, unless you pressed a key";
export const menuClosesIn = "Menu closes in ";
export const s = " s";
export const itClosed = "It closed";
export const stillOpen = "Still open";

// The words of screens/workbench/menu/EntryDetail.
export const whereAndWhat = (code: string) => `Where ${code} stands and what it is`;
export const itIs = "It is";
export const standsOn = "Stands on";
export const up = "Up";
export const down = "Down";
export const takeOut = "Take out";
export const code = "Code";
export const anotherCode = "Give 1 to 24 characters that no other line is called by.";
export const newGroup = "New group";

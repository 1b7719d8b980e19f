// The words of screens/workbench/menu/PageDrawing.
export const pageOf = (name: string) => `Page ${name}`;
export const openedBy = (keys: readonly string[]) => `opened by ${keys.join(", or ")}`;
export const nothingOpensIt = "nothing opens it";
export const keysThatOpenIt = "Keys that open it";
export const changePage = "Change page";
export const close = "Close";
export const takeOutPage = (name: string) => `Take out ${name} with its lines`;
export const addTo = (name: string) => `Add to ${name}`;
export const add = "Add";
export const aLine = "a line";
export const aGroup = "a group";
export const aWayOut = "a way out";
export const anAction = "an action";
export const newGroup = "New group";

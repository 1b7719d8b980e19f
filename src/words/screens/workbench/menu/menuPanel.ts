// The words of screens/workbench/menu/MenuPanel.
export const asItIsShown =
  "The menu from its first page down, as the keys go through it. Drag an entry by its handle, or take " +
  "the handle with Space and move it with the arrows.";
export const howToMove = "Space takes the entry, arrows move it, Space puts it down, Escape leaves it where it was.";
export const taken = (entry: string) => `${entry} is taken.`;
export const over = (entry: string, other: string) => `${entry} stands at ${other}.`;
export const put = (entry: string, other: string) => `${entry} was put at ${other}.`;
export const left = "It stays where it was.";
export const onePageMore = "One page more, opened by keys";
export const newPage = "New page";
export const noMenuShows = "Lines no menu shows";
export const changeIt = "Change";
export const close = "Close";

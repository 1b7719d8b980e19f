// The words of screens/book/Filters.
export const filters = "Filters";
export const where = "Where";
export const anywhere = "Anywhere";
export const display = "Display";
export const anyDisplay = "Any";
export const classWord = "Class";
export const anyClass = "Any";
export const only = "Only";
export const all = "All";
export const drifted = "Drifted";
export const twins = "Worked on at two benches";
export const workedOnFrom = "Worked on from";
export const to = "To";
export const columns = "Columns";
export const moreFilters = (narrowed: number) =>
  narrowed === 0 ? "More filters, and columns" : `More filters (${narrowed} on), and columns`;

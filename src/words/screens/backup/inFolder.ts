// The words of screens/backup/InFolder.
export const byItself = "By itself, into a folder";
export const why =
  "After each bike that leaves, a back-up is written into a folder you choose: one that is copied elsewhere by " +
  "itself, or a stick. The ten newest are kept there.";
export const choose = "Choose a folder";
export const chooseAnother = "Choose another";
export const ready = (name: string) => `Back-ups go into “${name}”.`;
export const asks = (name: string) =>
  `Back-ups would go into “${name}”: the browser wants you to allow it again, since it was started anew.`;
export const allow = "Allow it";
export const stop = "Stop that";
export const cannot = "This browser gives no page a folder: write back-ups by hand.";
export const writeOne = "Write one there now";
export const written = (name: string) => `${name} is in the folder.`;
export const couldNot = (detail: string) => `It could not be written there: ${detail}`;

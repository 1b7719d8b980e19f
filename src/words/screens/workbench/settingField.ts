// The words of screens/workbench/SettingField.
export const severalSettings = "several settings";
export const whatLineSets = (code: string) => `What line ${code} sets`;
export const settingsKnown = "settings-known";
export const notKnown = "not known";
export const noSettingOfThat = "▲ No setting of that name. Pick one of the list, or leave it empty.";
export const nothingReadOnly = "nothing: read only";

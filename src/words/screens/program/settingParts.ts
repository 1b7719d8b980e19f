// The words of screens/program/settingParts.
export const off = "Off";
export const on = "On";

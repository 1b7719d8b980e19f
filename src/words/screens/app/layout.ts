// The words of app.
export const oddSpoke = "Odd Spoke";
export const fitTheKitSet = "Fit the kit, set the display, prove it, and keep the way back.";
export const documentDocumentelementDatasetTheme =
  'document.documentElement.dataset.theme=localStorage.getItem("odd-spoke.theme")??(matchMedia("(prefers-color-scheme: dark)").matches?"dark":"light")';

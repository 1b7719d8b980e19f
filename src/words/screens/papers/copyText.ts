// The words of screens/papers/CopyText.
export const copyAsText = "Copy these papers as text";
export const copied = "Copied as text: the papers chosen here.";
export const notCopied = "This browser did not let it be copied. Select the text below.";
export const asText = "As text";

// The words of ui/primitives/ToastList.
export const notice = "Notice";
export const undo = "Undo";

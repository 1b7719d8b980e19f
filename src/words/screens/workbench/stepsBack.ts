// The words of screens/workbench/StepsBack.
export const takeBack = "Take back";
export const doAgain = "Do again";
export const what = (step: string) => `: ${step}`;

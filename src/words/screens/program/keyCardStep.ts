// The words of screens/program/KeyCardStep.
export const switchItOn = "Switch it on";
export const theHomeScreenMust = "The home screen must come up.";
export const openTheMenu = "Open the menu";
export const enterTheCode = "Enter the code";
export const saveAndLeave = "Save and leave";
export const backOnTheHome = "Back on the home screen. It is saved, and not yet in force.";
export const leaveWithoutSaving = "Leave without saving";
export const backOnTheHomeScreen = "Back on the home screen.";
export const switchOffAndOn = "Switch off and on";
export const onlyNowIsIt = "Only now is it in force.";
export const letTheMenuClose = "Let the menu close";
export const handsOffUntilThe = "Hands off until the home screen is back.";
export const lineOnTheDisplay = "Line on the display";
export const goThereAndRead = "Go there and read it";
export const goIntoTheNext = (page: null | string) => `Go into ${page ?? "the next page"}`;
export const itMustShow = (view: string) => `It must show ${view}.`;
export const holdAsItSays = "Hold as it says";
export const noMenuShowsIt = "No menu shows what this sets.";

// The words of screens/displays/RefusedFile.
export const thisFileWasNot = "This file was not taken in. Nothing on this machine was changed.";

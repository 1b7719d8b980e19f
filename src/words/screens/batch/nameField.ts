// The words of screens/batch/NameField.
export const whatItIsCalled = "What the batch is called";

/** Takes up what a tab laid by when it went: typed text first, then descriptions of displays and classes. */
import { takeUp } from "./changes";
import { takeClassesUp } from "./classes";
import { takeDisplaysUp } from "./displays";

export async function takeAllUp(): Promise<void> {
  await takeUp();
  await takeDisplaysUp();
  await takeClassesUp();
}

// A few short random walks; `npm run walks` makes two hundred long ones and prints its figures.
import { expect, test } from "@playwright/test";
import { walk } from "./walk";

for (const seed of [11, 12, 13])
  test(`random user ${seed}: nothing crashes, nothing typed is lost`, async ({ context }) => {
    const { typed } = await walk(context, seed, 24);
    expect(typed).toBeGreaterThan(0);
  });

"use client";
import { lazy, Suspense, type ComponentType, type ReactNode } from "react";

/**
 * A part of a screen that is loaded when it is first shown. `meanwhile` stands in its place until it is there: nothing,
 * where nothing jumps for it.
 */
export function later<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  meanwhile: ReactNode = null,
): ComponentType<Props> {
  const Part = lazy(() => load().then((part) => ({ default: part })));
  return function Later(props: Props) {
    return (
      <Suspense fallback={meanwhile}>
        <Part {...props} />
      </Suspense>
    );
  };
}

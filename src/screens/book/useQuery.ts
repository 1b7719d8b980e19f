"use client";
import { useMemo } from "react";
import { NO_QUERY, type BookOrder, type BookQuery, type Ordered } from "@/core/book/searching";
import { useKeptState } from "@/ui/primitives";
import { isOrder } from "./columns";

function read(text: string): BookQuery {
  try {
    const kept = JSON.parse(text) as Record<string, unknown>;
    const texts = Object.entries(kept).filter(([key, value]) => key in NO_QUERY && typeof value === "string");
    return { ...NO_QUERY, ...Object.fromEntries(texts) };
  } catch {
    return NO_QUERY;
  }
}

/** What is searched for and in which order it is listed, kept in this tab. */
export function useQuery() {
  const [text, keep] = useKeptState("book.query", "");
  const [orderText, keepOrder] = useKeptState("book.order", "updatedAt down");
  const query = useMemo(() => read(text), [text]);
  const order = useMemo((): Ordered => {
    const [by = "", way] = orderText.split(" ");
    return { by: isOrder(by) ? by : "updatedAt", descending: way === "down" };
  }, [orderText]);
  return {
    query,
    order,
    onQuery: (edit: Partial<BookQuery>): void => keep(JSON.stringify({ ...query, ...edit })),
    clear: (): void => keep(""),
    /** Puts the list in the order of a column; pressed again, the other way round. */
    onOrder: (by: BookOrder): void => {
      const down = order.by === by ? !order.descending : by === "updatedAt" || by === "handedOverAt";
      keepOrder(`${by} ${down ? "down" : "up"}`);
    },
  };
}

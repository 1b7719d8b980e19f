// What a file is, whatever it is called.
import { describe, expect, it } from "vitest";
import { TARN } from "@/catalog/displays/tarn";
import { newJob, writeJobFile } from "../record";
import { writeBundle } from "./bundle";
import { fileKind, HEAD_LENGTH } from "./fileKinds";
import { EMPTY_BOOK } from "./rows";

const AT = "2026-01-01T00:00:00.000Z";
const head = (text: string) => text.slice(0, HEAD_LENGTH);

describe("a file handed over", () => {
  it.each([
    ["a back-up", new TextDecoder("latin1").decode(writeBundle(EMPTY_BOOK, new Map(), AT)), "book"],
    ["a job with its display", writeJobFile({ ...newJob("job-1", 1, AT), profile: TARN }), "job"],
    ["a display", JSON.stringify(TARN, null, 2), "display"],
    ["a track", '<?xml version="1.0"?>\n<gpx version="1.1">', "track"],
    ["a leaflet", "line k04: wheel size", "unknown"],
    ["something of another maker", '{"format":"other/thing"}', "unknown"],
    ["nothing", "", "unknown"],
  ])("%s is known for what it is", (_, text, kind) => expect(fileKind(head(text))).toBe(kind));
});

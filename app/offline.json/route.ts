// What a copy of the product that works without its server is made of: every file of the build, and every page.
import { readdir } from "node:fs/promises";
import { join } from "node:path";
import { STAGES } from "@/core/record";
import { ANY_ID } from "@/ui/browser/anyId";

export const dynamic = "force-dynamic";

const PAGES = [
  "/",
  "/book",
  "/book/backup",
  "/book/batches",
  `/book/batch/${ANY_ID}`,
  `/book/batch/${ANY_ID}/paper`,
  `/book/batch/from/${ANY_ID}`,
  `/book/bike/${ANY_ID}`,
  `/book/send/${ANY_ID}`,
  "/displays",
  "/displays/compare",
  `/displays/${ANY_ID}`,
  "/faults",
  `/faults/${ANY_ID}`,
  "/open",
  "/practice",
  "/tables",
  ...[...STAGES, "numbers", "papers"].map((place) => `/job/${ANY_ID}/${place}`),
];

/** Beside the build: what is asked for at the root. */
const AT_THE_ROOT = ["/icon.svg", "/icon-192.png", "/icon-512.png", "/manifest.webmanifest"];

/** Sources and maps lie beside what is run; no page asks for them. */
const IS_ASKED_FOR = /\.(?:js|css|woff2|svg|png|json)$/;

export async function GET(): Promise<Response> {
  const folder = join(process.cwd(), ".next", "static");
  const inside = await readdir(folder, { recursive: true });
  const files = inside
    .map((name) => `/_next/static/${name.replaceAll("\\", "/")}`)
    .filter((path) => IS_ASKED_FOR.test(path));
  return Response.json({ anyId: ANY_ID, pages: PAGES, files: [...files, ...AT_THE_ROOT] });
}

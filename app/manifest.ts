import type { MetadataRoute } from "next";
import * as say from "@/words/screens/app/manifest";

/** What a device needs to know to install the product, and which files it may hand over. */
export default function manifest(): MetadataRoute.Manifest & {
  readonly file_handlers: readonly { readonly action: string; readonly accept: Record<string, readonly string[]> }[];
} {
  return {
    id: "/",
    name: say.oddSpoke,
    short_name: say.oddSpoke,
    description: say.whatItIs,
    start_url: "/",
    scope: "/",
    display: "standalone",
    background_color: "#e8ede7",
    theme_color: "#e8ede7",
    icons: [
      { src: "/icon.svg", sizes: "any", type: "image/svg+xml" },
      { src: "/icon-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icon-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
    share_target: {
      action: "/open",
      method: "POST",
      enctype: "multipart/form-data",
      params: { files: [{ name: "file", accept: ["application/json", ".json", "application/zip", ".zip", ".gpx"] }] },
    } as unknown as NonNullable<MetadataRoute.Manifest["share_target"]>,
    file_handlers: [
      {
        action: "/open",
        accept: {
          "application/json": [".json"],
          "application/zip": [".zip"],
          "application/gpx+xml": [".gpx"],
        },
      },
    ],
  };
}

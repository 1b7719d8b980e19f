import type { Metadata, Viewport } from "next";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { Shell } from "@/screens/shell/Shell";
import "./globals.css";
import * as say from "@/words/screens/app/layout";

export const metadata: Metadata = {
  title: say.oddSpoke,
  description: say.fitTheKitSet,
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

/** Sets the theme before the first paint, so that nothing flashes. */
const SET_THEME = say.documentDocumentelementDatasetTheme;

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const nonce = (await headers()).get("x-nonce") ?? undefined;
  return (
    <html lang="en" data-theme="light" suppressHydrationWarning>
      <head>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: SET_THEME }} />
      </head>
      <body>
        <Shell nonce={nonce}>{children}</Shell>
      </body>
    </html>
  );
}

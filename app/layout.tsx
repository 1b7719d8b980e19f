import type { Metadata, Viewport } from "next";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { Shell } from "@/screens/shell/Shell";
import "./globals.css";

export const metadata: Metadata = {
  title: "Odd Spoke",
  description: "Fit the kit, set the display, prove it, and keep the way back.",
};

export const viewport: Viewport = { width: "device-width", initialScale: 1 };

/** Sets the theme before the first paint, so that nothing flashes. */
const SET_THEME = `document.documentElement.dataset.theme=localStorage.getItem("odd-spoke.theme")??(matchMedia("(prefers-color-scheme: dark)").matches?"dark":"light")`;

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

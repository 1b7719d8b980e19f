// The words of screens/backup/WithoutServer.
export const withoutTheServer = "Without the server";
export const copies = {
  ready:
    "All of it is laid by on this device: it works with the server gone or the network down. The browser’s own " +
    "menu installs it, with an icon of its own.",
  "not-yet": "It is being laid by on this device. Leave this page open for a moment.",
  insecure:
    "Browsers lay a page by only at a secure address: https, or localhost on the machine that serves it. At this " +
    "address it needs the server. The README says how to give the shop’s other devices a secure one.",
  cannot: "This browser cannot lay a page by: it needs the server.",
} as const;

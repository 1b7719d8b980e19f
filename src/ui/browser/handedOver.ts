/**
 * Files another program hands over to be opened: through the system where the product is installed, or shared to it,
 * which the service worker lays by. Each is given once.
 */

/** As `public/sw.js` calls it. */
const HANDED = "handed-over-files";

interface LaunchQueue {
  readonly setConsumer: (consumer: (launch: { readonly files: readonly FileSystemFileHandle[] }) => void) => void;
}

/** Files shared to the product, taken out of where the service worker laid them. */
async function shared(): Promise<readonly File[]> {
  if (!("caches" in window) || !(await caches.has(HANDED))) return [];
  const cache = await caches.open(HANDED);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const kept = await cache.match(request);
    const name = decodeURIComponent(new URL(request.url).pathname.split("/").at(-1) ?? "");
    if (kept) files.push(new File([await kept.blob()], name));
  }
  await caches.delete(HANDED);
  return files;
}

/** Calls `onFile` with each file that was handed over, now and later. */
export function whenHandedOver(onFile: (file: File) => void): void {
  void shared().then((files) => files.forEach(onFile));
  const queue = (window as unknown as { readonly launchQueue?: LaunchQueue }).launchQueue;
  queue?.setConsumer(({ files }) => {
    for (const handle of files) void handle.getFile().then(onFile);
  });
}

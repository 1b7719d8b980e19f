// @ts-check
/// <reference lib="webworker" />
/**
 * Keeps the product working when its server is gone: every file of the build and every page is laid by at the first
 * visit. With a server, pages come from it, so that an update arrives with the next page opened; without one, they come
 * from here. A page about one bike is laid by once, under a name that stands for any id, and the real id is put in.
 */
const worker = /** @type {ServiceWorkerGlobalScope} */ (/** @type {unknown} */ (self));

/** The build this worker belongs to: a moment in time, so that caches sort by age. */
const BUILD = new URL(worker.location.href).searchParams.get("build") ?? "none";
const PREFIX = "odd-spoke-";
const CACHE = PREFIX + BUILD;
/** What somebody handed over to be opened, until the page asks for it. */
const HANDED = "handed-over-files";
const LIST = "/offline.json";

/** How long a page is waited for before the one laid by is shown, ms. */
const PATIENCE_MS = 4000;
/** Files asked for at once. */
const AT_ONCE = 8;

/** @typedef {{ anyId: string, pages: readonly string[], files: readonly string[] }} List */

worker.addEventListener("install", (event) => {
  event.waitUntil(layBy().then(() => worker.skipWaiting()));
});

worker.addEventListener("activate", (event) => {
  event.waitUntil(dropOld().then(() => worker.clients.claim()));
});

/** Lays by every file and every page of this build. All or none: a copy with holes is no copy. */
async function layBy() {
  const answer = await fetch(LIST, { cache: "no-store" });
  if (!answer.ok) throw new Error(`the list of files is not to be had: ${answer.status}`);
  const list = /** @type {List} */ (await answer.clone().json());
  const cache = await caches.open(CACHE);
  await cache.put(LIST, answer);
  const left = [...list.files, ...list.pages];
  const next = async () => {
    for (let path = left.pop(); path !== undefined; path = left.pop()) {
      const found = await fetch(path, { cache: path.startsWith("/_next/") ? "default" : "no-store" });
      if (!found.ok) throw new Error(`${path} is not to be had: ${found.status}`);
      await cache.put(path, found);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, next));
}

/** Drops copies of old builds, but for the last one: a page of it may still be open and ask for its parts. */
async function dropOld() {
  const names = (await caches.keys()).filter((name) => name.startsWith(PREFIX)).sort();
  await Promise.all(names.slice(0, -2).map((name) => caches.delete(name)));
}

worker.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== worker.location.origin) return;
  if (request.method === "POST" && url.pathname === "/open") return event.respondWith(takeHandedOver(request));
  if (request.method !== "GET") return;
  if (url.pathname.startsWith("/_next/static/")) return event.respondWith(fileOf(request));
  if (request.mode === "navigate") return event.respondWith(pageOf(request, url));
  if (url.pathname.startsWith("/icon") || url.pathname === "/manifest.webmanifest")
    event.respondWith(fetch(request).catch(() => fileOf(request)));
});

/** A file of a build: its name changes with what is in it, so that the one laid by is the right one. */
async function fileOf(/** @type {Request} */ request) {
  const kept = await caches.match(request, { ignoreVary: true, ignoreSearch: true });
  if (!kept) return fetch(request);
  // Made anew, a worker's script is at the address it was asked for, and finds there what it is to start with.
  return new Response(kept.body, { status: kept.status, headers: kept.headers });
}

/** A page: from the server while there is one, else as it was laid by. */
async function pageOf(/** @type {Request} */ request, /** @type {URL} */ url) {
  const stop = new AbortController();
  const timer = setTimeout(() => stop.abort(), PATIENCE_MS);
  try {
    const answer = await fetch(request, { signal: stop.signal });
    if (answer.status < 500) return answer;
  } catch {
    // Gone, or too slow to be waited for with a menu open.
  } finally {
    clearTimeout(timer);
  }
  return (await laidBy(url.pathname)) ?? Response.error();
}

/** The page laid by for a path, with the path's own id in it. */
async function laidBy(/** @type {string} */ path) {
  const cache = await caches.open(CACHE);
  const exact = await cache.match(path, { ignoreVary: true, ignoreSearch: true });
  if (exact) return exact;
  const list = /** @type {List | undefined} */ (await (await cache.match(LIST))?.json());
  if (!list) return undefined;
  const asked = path.split("/");
  const page = list.pages.find((each) => {
    const parts = each.split("/");
    return parts.length === asked.length && parts.every((part, i) => part === asked[i] || part === list.anyId);
  });
  const kept = page ? await cache.match(page, { ignoreVary: true }) : undefined;
  if (!page || !kept) return cache.match("/", { ignoreVary: true });
  const id = asked[page.split("/").indexOf(list.anyId)] ?? "";
  // An id is letters, digits and hyphens, and nothing else is put into a page.
  if (!/^[A-Za-z0-9-]{1,80}$/.test(id)) return cache.match("/", { ignoreVary: true });
  const headers = new Headers(kept.headers);
  for (const name of ["content-encoding", "content-length", "link"]) headers.delete(name);
  return new Response((await kept.text()).replaceAll(list.anyId, id), { status: 200, headers });
}

/** Keeps what another program handed over, and opens the page that looks at it. */
async function takeHandedOver(/** @type {Request} */ request) {
  const file = (await request.formData()).get("file");
  if (file instanceof File) {
    const cache = await caches.open(HANDED);
    await cache.put(`/handed-over/${encodeURIComponent(file.name)}`, new Response(file));
  }
  return Response.redirect("/open", 303);
}

// Keeps Roll's page on the phone, so that it opens without a network. In front of this stand BUILD and FILES.
const OURS = `roll ${self.registration.scope} `;
const CACHE = OURS + BUILD;

/** An answer that came from somewhere else, as the sign-in page does, is none of ours. */
async function fetched(file) {
  const response = await fetch(new Request(file, { cache: "reload" }));
  if (!response.ok || response.redirected) {
    throw new Error(`${file} did not come`);
  }
  return [file, response];
}

async function keepAll() {
  const files = await Promise.all(FILES.map(fetched));
  const cache = await caches.open(CACHE);
  await Promise.all(files.map(([file, response]) => cache.put(file, response)));
}

async function forgetOthers() {
  const names = await caches.keys();
  await Promise.all(names.filter((name) => name.startsWith(OURS) && name !== CACHE).map((name) => caches.delete(name)));
  await self.clients.claim();
}

async function answer(request) {
  const cache = await caches.open(CACHE);
  return (await cache.match(new URL(request.url).pathname)) ?? fetch(request);
}

self.addEventListener("install", (event) => event.waitUntil(keepAll()));
self.addEventListener("activate", (event) => event.waitUntil(forgetOthers()));
// The page says when: never while a camera rolls.
self.addEventListener("message", (event) => event.data === "take over" && self.skipWaiting());
self.addEventListener("fetch", (event) => {
  const { method, url } = event.request;
  if (method === "GET" && FILES.includes(new URL(url).pathname)) {
    event.respondWith(answer(event.request));
  }
});

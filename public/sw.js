// Where there is no line, a page that was kept on this device opens as it was kept, with its styles and scripts. Everything else goes to
// the server as ever. What is kept is put there by the page itself.
const PAGES = 'underpin-pages';
const FILES = 'underpin-files';
const NO_ANSWER = [502, 503, 504];

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== 'GET' || url.origin !== self.location.origin) return;
    if (request.mode === 'navigate') event.respondWith(page(request, url));
    else if (url.pathname.startsWith('/build/') || url.pathname === '/mark.svg') event.respondWith(file(request));
});

async function page(request, url) {
    const answer = await fetch(request).catch(() => null);
    if (answer && !NO_ANSWER.includes(answer.status)) return answer;
    const kept = await (await caches.open(PAGES)).match(url.pathname);
    return kept ?? answer ?? Response.error();
}

async function file(request) {
    const kept = await (await caches.open(FILES)).match(request.url);
    return kept ?? fetch(request);
}

// The page as it was last seen, with what it is made of, for the service worker to give where there is no line.

const PAGES = 'underpin-pages';
const FILES = 'underpin-files';

/** Keeps this page and its files on the device. True when it opens without a line from now on. */
export async function keepPage(user) {
    if (!('serviceWorker' in navigator) || !('caches' in window)) return false;
    try {
        await forgetOthers(user);
        await navigator.serviceWorker.register('/sw.js', { scope: '/jobs/' });
        const answer = await fetch(location.pathname, { headers: { Accept: 'text/html' } });
        if (!answer.ok || answer.redirected) return false;
        await (await caches.open(PAGES)).put(location.pathname, answer);
        const files = await caches.open(FILES);
        for (const url of ownFiles()) {
            if (!(await files.match(url))) await files.add(url);
        }
        return true;
    } catch {
        return false;
    }
}

/** Pages of whoever was signed in before are not for the next one. */
async function forgetOthers(user) {
    if (localStorage.getItem('kept-for') !== user) await caches.delete(PAGES);
    localStorage.setItem('kept-for', user);
}

function ownFiles() {
    const loaded = performance.getEntriesByType('resource').map((entry) => new URL(entry.name));
    return [...new Set(loaded.filter((url) => url.origin === location.origin
        && url.pathname.startsWith('/build/')).map((url) => url.href))];
}

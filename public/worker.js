// Keeps the pages that were opened, with their drawings, styles and fonts, so that where there is no signal there is a page. Whatever is sent goes past
// it. The newest answer always counts; what was kept is shown only where none comes, and says of when it is.
const PAGES = 'aequus-pages-1';
const PARTS = 'aequus-parts-1';
const MOST = 200;
const PATIENCE = 12_000;
// What asks on the side, what belongs to the account, and sheets that are taken away.
const NEVER = /^\/(sign-in|sign-out|owner|account|backups|up|echo|offline)\b|\/(quick|card|record|pole|members)$|\.pdf$/;

self.addEventListener('install', (event) => {
    self.skipWaiting();
    event.waitUntil(caches.open(PARTS).then((parts) => parts.add('/offline')).catch(() => {}));
});

self.addEventListener('activate', (event) => event.waitUntil((async () => {
    const names = await caches.keys();
    await Promise.all(names.filter((name) => ![PAGES, PARTS].includes(name)).map((name) => caches.delete(name)));
    await self.clients.claim();
})()));

self.addEventListener('message', (event) => event.data === 'claim' && event.waitUntil(self.clients.claim()));

async function trim(cache) {
    const keys = await cache.keys();
    await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST)).map((key) => cache.delete(key)));
}

/** Named by its own bytes: once here it need not be fetched again. */
async function part(request) {
    const parts = await caches.open(PARTS);
    const kept = await parts.match(request);
    if (kept) {
        return kept;
    }
    const answer = await fetch(request);
    if (answer.ok) {
        await parts.put(request, answer.clone());
        await trim(parts);
    }

    return answer;
}

/** A kept page that says of when it is. */
async function told(kept) {
    const at = new Date(kept.headers.get('Date') ?? Date.now()).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
    const page = (await kept.text()).replace('hidden data-kept-copy>', 'data-kept-copy>').replace('#time', at);

    return new Response(page, { headers: { 'Content-Type': 'text/html; charset=utf-8', 'Content-Security-Policy': kept.headers.get('Content-Security-Policy') ?? "default-src 'self'" } });
}

const silence = () => new Promise((_, fail) => { setTimeout(() => fail(new Error('no answer')), PATIENCE); });

async function page(request, key) {
    const pages = await caches.open(PAGES);
    const kept = await pages.match(key);
    try {
        const answer = await (kept ? Promise.race([fetch(request), silence()]) : fetch(request));
        if (answer.ok && !answer.redirected && (answer.headers.get('Content-Type') ?? '').includes('text/html')) {
            await pages.delete(key);
            await pages.put(key, answer.clone());
            await trim(pages);
        }

        return answer;
    } catch (gone) {
        if (kept) {
            return told(kept);
        }
        const instead = request.mode === 'navigate' ? await caches.match('/offline') : null;
        if (instead) {
            return instead;
        }
        throw gone;
    }
}

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) {
        return;
    }
    if (url.pathname.startsWith('/build/') || url.pathname === '/mark.svg') {
        event.respondWith(part(event.request));
    } else if ((event.request.mode === 'navigate' || event.request.headers.get('HX-Request') === 'true') && !NEVER.test(url.pathname)) {
        event.respondWith(page(event.request, `${url.pathname}${url.search}`));
    }
});

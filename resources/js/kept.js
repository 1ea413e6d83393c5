// The worker that keeps pages for dead spots, and what of it goes when somebody signs out. Without a secure address a browser allows none.
import { held, isHalfTyped } from './letters.js';
import { say } from './say.js';

const PAGES = 'aequus-pages-1';
const PERSON = 'aequus.person';
const GENTLY = 1_500;

/** Who is signed in here, or was last. */
export const person = () => document.querySelector('meta[name="aequus-person"]')?.content || localStorage.getItem(PERSON) || '';

const forget = () => ('caches' in window ? caches.delete(PAGES) : Promise.resolve());

async function begin() {
    const here = document.querySelector('meta[name="aequus-person"]')?.content;
    if (!here) {
        return;
    }
    // Another person at this phone finds no pages of the one before.
    if (localStorage.getItem(PERSON) !== here) {
        await forget();
        localStorage.setItem(PERSON, here);
    }
    const worker = 'serviceWorker' in navigator && isSecureContext ? navigator.serviceWorker.register('/worker.js') : Promise.reject(new Error('not secure'));
    // A page that was on its way while the worker began is taken over too.
    worker.then(() => navigator.serviceWorker.ready)
        .then(({ active }) => navigator.serviceWorker.controller || active.postMessage('claim'))
        .catch(() => document.documentElement.classList.add('keeps-none'));
}

// A page that follows a form comes past the worker: it is kept from here, so that the copy is never older than what was seen last.
document.addEventListener('htmx:afterRequest', async (event) => {
    const { xhr, requestConfig, successful } = event.detail;
    if (requestConfig?.verb !== 'post' || !successful || !('caches' in window) || !navigator.serviceWorker?.controller) {
        return;
    }
    const at = new URL(xhr.responseURL || location.href);
    if (at.origin === location.origin && at.pathname.startsWith('/jobs/') && xhr.responseText.includes('data-kept-copy')) {
        const headers = { 'Content-Type': 'text/html; charset=utf-8', Date: xhr.getResponseHeader('Date') ?? '', 'Content-Security-Policy': xhr.getResponseHeader('Content-Security-Policy') ?? '' };
        await (await caches.open(PAGES)).put(`${at.pathname}${at.search}`, new Response(xhr.responseText, { headers }));
    }
});
/** A copy gives way by itself when somebody answers again, but never over half-typed text. */
async function giveWay() {
    const note = document.querySelector('[data-kept-copy]');
    if (!note || note.hidden || isHalfTyped(document)) {
        return;
    }
    try {
        if ((await fetch('/up', { cache: 'no-store' })).ok && !isHalfTyped(document)) {
            location.reload();
        }
    } catch {
        // Still nobody.
    }
}

setInterval(giveWay, 4_000);
/** The pages of what comes next are fetched before the signal goes, one after the other while nothing else is asked for. */
async function fetchAhead() {
    const known = document.querySelector('[data-ahead]');
    if (!known || !navigator.serviceWorker?.controller || !navigator.onLine || navigator.connection?.saveData) {
        return;
    }
    const pages = await caches.open(PAGES);
    for (const at of new Set(JSON.parse(known.dataset.ahead).steps.map((step) => step.at).filter((one) => one !== '' && one !== location.pathname))) {
        if (!known.isConnected) {
            return;
        }
        if (!(await pages.match(at, { ignoreVary: true }))) {
            await fetch(at, { headers: { 'HX-Request': 'true' } }).catch(() => {});
            await new Promise((on) => { setTimeout(on, GENTLY); });
        }
    }
}

document.addEventListener('DOMContentLoaded', () => setTimeout(fetchAhead, GENTLY));
document.addEventListener('htmx:afterSettle', (event) => event.target.id === 'page' && setTimeout(fetchAhead, GENTLY));
document.addEventListener('DOMContentLoaded', begin);
document.addEventListener('submit', (event) => {
    if (!event.target.action?.endsWith('/sign-out')) {
        return;
    }
    const waiting = held().filter((letter) => (letter.person ?? person()) === person()).length;
    if (waiting > 0 && !confirm(say('outbox.sign_out_waits', { count: waiting }))) {
        event.preventDefault();

        return;
    }
    forget();
}, true);

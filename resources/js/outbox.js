// Entries that could not be sent wait here and are sent again; each press has an id of its own, so none overwrites another and none counts
// twice. One that is refused when it is sent at last stays, with the reason, until somebody is done with it.
import { add, held, isHalfTyped, newId, remove, replace, typedIn } from './letters.js';
import { say } from './say.js';

const AGAIN = 'aequus.again';

function button(words, deed) {
    const one = document.createElement('button');
    one.type = 'button';
    one.className = 'button button-second button-small';
    one.textContent = words;
    one.addEventListener('click', deed);

    return one;
}

function tell(sent = 0) {
    const box = document.getElementById('outbox');
    const letters = held();
    const waiting = letters.filter((letter) => !letter.refused);
    box.hidden = letters.length === 0 && sent === 0;
    box.replaceChildren();
    if (waiting.length > 0) {
        box.append(say('outbox.waiting', { count: waiting.length, typed: waiting.map(typedIn).join('; ') }));
    }
    letters.filter((letter) => letter.refused).forEach((letter) => {
        const line = document.createElement('p');
        line.append(
            say('outbox.refused', { why: letter.refused, typed: typedIn(letter) }),
            ' ',
            button(say('outbox.take_up'), () => {
                sessionStorage.setItem(AGAIN, JSON.stringify(letter));
                location.assign(letter.page);
            }),
            ' ',
            button(say('outbox.done'), () => {
                remove(letter);
                tell();
            }),
        );
        box.append(line);
    });
    if (sent > 0) {
        const line = document.createElement('p');
        line.append(say('outbox.sent', { count: sent }), ' ', button(say('outbox.anew'), () => location.reload()));
        box.append(line);
    }
}

function keep(event) {
    const form = (event.detail.requestConfig?.elt ?? event.target).closest?.('form[data-outbox]');
    // An echo that fails while somebody types is no entry; only the form itself is.
    if (!form || event.detail.requestConfig?.verb !== 'post') {
        return;
    }
    // What htmx meant to send: the button that was pressed is among it.
    const fields = Object.fromEntries(event.detail.requestConfig?.formData ?? new FormData(form));
    fields.measured_at = new Date().toISOString();
    add({ action: form.action, page: location.href.split('#')[0], fields });
    // The next press is another entry.
    form.reset();
    form.querySelector('[name="client_id"]').value = newId();
    tell();
}

// No connection, no answer in time, or an answer that tells of a fault: whether it was stored is not known, and its id keeps it from counting twice.
document.addEventListener('htmx:sendError', keep);
document.addEventListener('htmx:timeout', keep);
document.addEventListener('htmx:responseError', (event) => (event.detail.xhr.status >= 500 || event.detail.xhr.status === 419) && keep(event));
// A sign-in that ran out answers with the page to sign in: what was typed waits here for it.
document.addEventListener('htmx:beforeSwap', (event) => {
    if (new URL(event.detail.xhr.responseURL || location.href).pathname === '/sign-in') {
        keep(event);
    }
});

/** A token of this sign-in, read from a page fetched anew. */
async function freshToken() {
    const page = await (await fetch(location.href, { credentials: 'same-origin' })).text();

    return new DOMParser().parseFromString(page, 'text/html').querySelector('input[name="_token"]')?.value;
}

async function send(letter, token) {
    return fetch(letter.action, { method: 'POST', headers: { Accept: 'application/json' }, body: new URLSearchParams({ ...letter.fields, _token: token }), credentials: 'same-origin', signal: AbortSignal.timeout(20_000) });
}

let sending = false;

async function sendAll() {
    const waiting = held().filter((letter) => !letter.refused);
    if (sending || waiting.length === 0 || !navigator.onLine || location.pathname === '/sign-in') {
        return;
    }
    sending = true;
    let sent = 0;
    let token = document.querySelector('input[name="_token"]')?.value;
    for (const letter of waiting) {
        try {
            let answer = await send(letter, token ?? letter.fields._token);
            if (answer.status === 419) {
                token = await freshToken();
                answer = await send(letter, token);
            }
            if (answer.status === 422) {
                replace({ ...letter, refused: (await answer.json()).message });
                continue;
            }
            if (!answer.ok || new URL(answer.url).pathname === '/sign-in') {
                break;
            }
            sent += 1;
            remove(letter);
        } catch {
            break;
        }
    }
    sending = false;
    // Never over half-typed text: the page says that it can be shown anew.
    if (sent > 0 && held().length === 0 && !isHalfTyped(document)) {
        location.reload();
    } else {
        tell(sent);
    }
}

/** A refused entry that is taken up again: its fields stand in its form. */
function takeUp() {
    const letter = JSON.parse(sessionStorage.getItem(AGAIN) ?? 'null');
    sessionStorage.removeItem(AGAIN);
    const form = letter === null ? null : [...document.querySelectorAll('form[data-outbox]')].find((one) => one.action === letter.action);
    if (!form) {
        return;
    }
    for (let fold = form.closest('details'); fold; fold = fold.parentElement.closest('details')) {
        fold.open = true;
    }
    form.querySelectorAll('details').forEach((fold) => { fold.open = true; });
    Object.entries(letter.fields).filter(([name]) => !['_token', 'client_id', 'measured_at'].includes(name)).forEach(([name, value]) => {
        form.querySelectorAll(`[name="${CSS.escape(name)}"]`).forEach((field) => {
            if (field.type === 'radio' || field.type === 'checkbox') {
                field.checked = field.value === value;
            } else {
                field.value = value;
            }
        });
    });
    form.querySelector('input:not([type="hidden"])')?.focus();
}

document.addEventListener('htmx:afterSettle', (event) => event.target.id === 'page' && sendAll());
document.addEventListener('DOMContentLoaded', () => {
    tell();
    takeUp();
    sendAll();
    setInterval(sendAll, 10_000);
    addEventListener('online', sendAll);
});

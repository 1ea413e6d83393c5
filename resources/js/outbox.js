// Entries that could not be sent wait here and are sent again; each carries the id it was made with, so none counts twice. One that is refused
// when it is sent at last stays, with the reason, until somebody has seen it.

const BOX = 'aequus.outbox';
const held = () => JSON.parse(localStorage.getItem(BOX) ?? '[]');
const hold = (letters) => localStorage.setItem(BOX, JSON.stringify(letters));
const same = (one, other) => one.fields.client_id === other.fields.client_id;

function say() {
    const box = document.getElementById('outbox');
    const letters = held();
    const waiting = letters.filter((letter) => !letter.refused).length;
    box.hidden = letters.length === 0;
    box.replaceChildren();
    if (waiting > 0) {
        box.append(`${waiting === 1 ? 'One entry waits' : `${waiting} entries wait`} for the connection. Nothing is lost; it is sent again by itself.`);
    }
    letters.filter((letter) => letter.refused).forEach((letter) => {
        const typed = Object.entries(letter.fields).filter(([name, value]) => value && !['_token', 'client_id', 'form', 'measured_at'].includes(name)).map(([name, value]) => `${name} ${value}`).join(', ');
        const line = document.createElement('p');
        const seen = document.createElement('button');
        seen.type = 'button';
        seen.className = 'button button-second button-small';
        seen.textContent = 'Seen; I write it anew';
        seen.addEventListener('click', () => {
            hold(held().filter((other) => !same(other, letter)));
            say();
        });
        line.append(`An entry kept while there was no connection was not taken: ${letter.refused} You had typed: ${typed}. `, seen);
        box.append(line);
    });
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
    const letter = { action: form.action, fields };
    hold([...held().filter((other) => !same(other, letter)), letter]);
    say();
}

document.addEventListener('htmx:sendError', keep);
// A sign-in that ran out answers with the page to sign in: what was typed waits here for it.
document.addEventListener('htmx:beforeSwap', (event) => {
    if (new URL(event.detail.xhr.responseURL || location.href).pathname === '/sign-in') {
        keep(event);
    }
});

async function sendAll() {
    const waiting = held().filter((letter) => !letter.refused);
    if (waiting.length === 0 || !navigator.onLine || location.pathname === '/sign-in') {
        return;
    }
    let taken = false;
    for (const letter of waiting) {
        const token = document.querySelector('input[name="_token"]')?.value ?? letter.fields._token;
        try {
            const answer = await fetch(letter.action, { method: 'POST', headers: { Accept: 'application/json' }, body: new URLSearchParams({ ...letter.fields, _token: token }), credentials: 'same-origin' });
            if (answer.status === 422) {
                const why = (await answer.json()).message;
                hold(held().map((other) => (same(other, letter) ? { ...other, refused: why } : other)));
                continue;
            }
            if (!answer.ok || new URL(answer.url).pathname === '/sign-in') {
                break;
            }
            taken = true;
            hold(held().filter((other) => !same(other, letter)));
        } catch {
            break;
        }
    }
    say();
    if (taken && held().length === 0) {
        location.reload();
    }
}

document.addEventListener('htmx:afterSettle', (event) => event.target.id === 'page' && sendAll());
document.addEventListener('DOMContentLoaded', () => {
    say();
    sendAll();
    setInterval(sendAll, 10_000);
    addEventListener('online', sendAll);
});

// Entries that could not be sent wait here and are sent again; each carries the id it was made with, so none counts twice.

const BOX = 'aequus.outbox';
const held = () => JSON.parse(localStorage.getItem(BOX) ?? '[]');
const hold = (letters) => localStorage.setItem(BOX, JSON.stringify(letters));

function say() {
    const box = document.getElementById('outbox');
    const waiting = held().length;
    box.hidden = waiting === 0;
    box.textContent = waiting === 0 ? '' : `${waiting === 1 ? 'One entry waits' : `${waiting} entries wait`} for the connection. Nothing is lost; it is sent again by itself.`;
}

document.addEventListener('htmx:sendError', (event) => {
    const form = event.target.closest?.('form[data-outbox]');
    if (!form) {
        return;
    }
    const fields = Object.fromEntries(new FormData(form));
    fields.measured_at = new Date().toISOString();
    hold([...held().filter((letter) => letter.fields.client_id !== fields.client_id), { action: form.action, fields }]);
    say();
});

async function sendAll() {
    if (held().length === 0 || !navigator.onLine) {
        return;
    }
    for (const letter of held()) {
        const token = document.querySelector('input[name="_token"]')?.value ?? letter.fields._token;
        try {
            const answer = await fetch(letter.action, { method: 'POST', body: new URLSearchParams({ ...letter.fields, _token: token }), credentials: 'same-origin' });
            if (!answer.ok || new URL(answer.url).pathname === '/sign-in') {
                break;
            }
            hold(held().filter((other) => other.fields.client_id !== letter.fields.client_id));
        } catch {
            break;
        }
    }
    const emptied = held().length === 0;
    say();
    if (emptied) {
        location.reload();
    }
}

document.addEventListener('DOMContentLoaded', () => {
    say();
    sendAll();
    setInterval(sendAll, 10_000);
    addEventListener('online', sendAll);
});

// Entries that were not acknowledged wait here and are sent again; each press has an id of its own, so none overwrites another and none counts
// twice. What was written of one thing is sent in its order. One that is refused stays, with the reason, until somebody is done with it.
import { answers, nextOf } from './ahead.js';
import { about, add, fate, held, isHalfTyped, isOnItsWay, minutesAhead, newId, noteSent, remove, replace, sentOnes, shownIn, typedIn } from './letters.js';
import { person } from './kept.js';
import { say } from './say.js';

const AGAIN = 'aequus.again';
const SECOND = 1_000;
const FEW = 2;
let ahead = 0;

/** Another person’s entries on this phone are neither shown nor sent. */
const mine = () => held().filter((letter) => (letter.person ?? person()) === person());

function button(words, act) {
    const one = document.createElement('button');
    one.type = 'button';
    one.className = 'button button-second button-small';
    one.textContent = words;
    one.addEventListener('click', act);

    return one;
}

function line(...pieces) {
    const one = document.createElement('p');
    one.append(...pieces);

    return one;
}

/** A few are told one by one; more of them fold, so that the box never stands before the work. */
function waitingOnes(waiting) {
    const typed = waiting.map(withWhy);
    if (waiting.length <= FEW) {
        return [say('outbox.waiting', { count: waiting.length, typed: typed.join('; ') })];
    }
    const fold = document.createElement('details');
    const summary = document.createElement('summary');
    summary.textContent = say('outbox.waiting_many', { count: waiting.length });
    fold.append(summary, ...typed.map((one) => line(one)));

    return [fold];
}

/** What two wrote of one thing, side by side: whoever wrote the second says which counts. Both stay in the book, or the second was never in it. */
function clash(letter) {
    const box = document.createElement('div');
    box.className = 'clash';
    const side = (head, says) => {
        const one = document.createElement('div');
        const name = document.createElement('b');
        name.textContent = head;
        one.append(name, line(says));

        return one;
    };
    const { theirs, mine: own } = letter.clash;
    const { seen, ...fields } = letter.fields;
    box.append(
        line(letter.refused),
        side(say('clash.theirs', theirs), theirs.says),
        side(say('clash.mine', own), own.says),
        button(say('clash.mine_counts'), () => {
            replace({ action: letter.action, page: letter.page, person: letter.person, shown: letter.shown, fields });
            tell();
            sendAll();
        }),
        button(say('clash.theirs_counts'), () => {
            if (confirm(say('clash.sure', { typed: typedIn(letter) }))) {
                remove(letter);
                tell();
            }
        }),
    );

    return box;
}

const withWhy = (letter) => (letter.why ? `${typedIn(letter)} (${letter.why})` : typedIn(letter));

function tell(sent = 0) {
    const box = document.getElementById('outbox');
    const shown = mine().filter((letter) => !letter.pending || Date.now() - letter.pending >= SECOND);
    const waiting = shown.filter((letter) => !letter.refused);
    box.hidden = shown.length === 0 && sent === 0 && ahead === 0;
    box.replaceChildren();
    if (waiting.length > 0) {
        box.append(...waitingOnes(waiting));
        tellNext(box, waiting);
    }
    shown.filter((letter) => letter.clash).forEach((letter) => box.append(clash(letter)));
    shown.filter((letter) => letter.refused && !letter.clash).forEach((letter) => {
        box.append(line(
            say('outbox.refused', { why: letter.refused, typed: typedIn(letter) }),
            ' ',
            button(say('outbox.take_up'), () => {
                // Its fields would take the place of what stands half typed.
                if (isHalfTyped(document) && !confirm(say('outbox.over_half_typed'))) {
                    return;
                }
                sessionStorage.setItem(AGAIN, JSON.stringify(letter));
                location.assign(letter.page);
            }),
            ' ',
            button(say('outbox.done'), () => {
                remove(letter);
                tell();
            }),
        ));
    });
    if (sent > 0) {
        box.append(line(say('outbox.sent', { count: sent }), ' ', button(say('outbox.anew'), () => location.reload())));
    }
    if (ahead !== 0) {
        box.append(line(say(ahead > 0 ? 'outbox.clock_ahead' : 'outbox.clock_behind', { minutes: Math.abs(ahead) })));
    }
    makeRoom(box);
}

/** What has the focus, and the end of the page, is never under the box. */
function makeRoom(box) {
    const height = box.hidden ? '' : `${box.offsetHeight}px`;
    document.body.style.paddingBottom = height;
    document.documentElement.style.scrollPaddingBottom = height;
}

/** Only what was asked for before the signal went: what an entry makes of the job is not known here. */
async function tellNext(box, waiting) {
    const known = document.querySelector('[data-ahead]');
    const { steps, isAll } = JSON.parse(known?.dataset.ahead ?? '{"steps":[],"isAll":true}');
    const here = waiting.filter((letter) => known && new URL(letter.action).pathname.startsWith(known.dataset.job));
    const answered = steps.filter((step) => here.some((letter) => answers(letter, step)));
    const move = document.querySelector('.move');
    move?.querySelector('.move-waits')?.remove();
    if (answered.length === 0) {
        return;
    }
    if (move && answered.some((step) => move.querySelector('h2')?.textContent.trim() === step.says)) {
        const waits = line(say('outbox.move_waits'));
        waits.className = 'move-waits';
        move.querySelector('h2').after(waits);
    }
    const next = nextOf(steps, here);
    const note = line(next === null ? say(isAll ? 'outbox.all_done' : 'outbox.all_known_done') : say('outbox.next', { what: '' }));
    note.className = 'outbox-next';
    box.append(note);
    if (next !== null) {
        const isHere = next.at === '' || next.at === location.pathname;
        const face = isHere && next.face !== '' && document.querySelector(`form[action$="/entries/${next.kind}"] [name="face"][value="${next.face}"]`);
        if (face) {
            face.checked = true;
        }
        const isMissing = !isHere && 'caches' in window && !(await caches.match(next.at, { ignoreVary: true }));
        const name = document.createElement(isHere || isMissing ? 'b' : 'a');
        name.textContent = next.says;
        if (name.tagName === 'A') {
            name.href = next.at;
        }
        note.append(name, isMissing ? ` ${say('outbox.no_page')}` : '');
    }
    makeRoom(box);
}

/** A picture as text, so that it can be kept. */
const asText = (file) => new Promise((done) => {
    const reader = new FileReader();
    reader.addEventListener('load', () => done({ name: file.name, type: file.type, data: reader.result }));
    reader.readAsDataURL(file);
});

const asPicture = ({ type, data }) => new Blob([Uint8Array.from(atob(data.split(',')[1]), (letter) => letter.charCodeAt(0))], { type });

/** What htmx meant to send: the button that was pressed is among it. Null where it is no entry: an echo that fails while somebody types is none. */
async function letterOf(event) {
    const config = event.detail.requestConfig;
    const form = (config?.elt ?? event.target).closest?.('form[data-outbox]');
    if (!form || config?.verb !== 'post') {
        return null;
    }
    const fields = Object.fromEntries(config.formData ?? new FormData(form));
    fields.measured_at = new Date().toISOString();
    fields.seen = document.querySelector('[data-book]')?.dataset.book ?? '';
    for (const [name, value] of Object.entries(fields)) {
        if (value instanceof File) {
            fields[name] = value.size > 0 ? await asText(value) : '';
        }
    }

    return { form, letter: { action: form.action, page: location.href.split('#')[0], person: person(), fields, shown: shownIn(form) } };
}

async function keep(event, why) {
    const kept = await letterOf(event);
    if (kept === null) {
        return;
    }
    try {
        remove(kept.letter);
        add({ ...kept.letter, why });
        // The next press is another entry.
        kept.form.reset();
        kept.form.querySelector('[name="client_id"]').value = newId();
        tell();
    } catch {
        // The browser's store takes no more: what was typed stays in its form.
        document.getElementById('outbox').hidden = false;
        document.getElementById('outbox').append(line(say('outbox.full')));
    }
}

/**
 * A kept copy was made once and is written on many times: each of its forms writes an entry of its own. So does one whose entry waits here already; only
 * a press that still waits for its answer is the same as the one before.
 */
function giveIds(root) {
    const note = document.querySelector('[data-kept-copy]');
    if (note && !note.hidden) {
        root.querySelectorAll('form[data-outbox] [name="client_id"]').forEach((field) => { field.value = newId(); });
    }
}

document.addEventListener('htmx:configRequest', (event) => {
    const field = event.detail.elt.closest?.('form[data-outbox]')?.querySelector('[name="client_id"]');
    if (field && event.detail.verb === 'post' && held().some((letter) => letter.fields.client_id === field.value && !isOnItsWay(letter, Date.now()))) {
        field.value = newId();
        event.detail.parameters.client_id = field.value;
    }
});

// On its way it is kept too, and after a second without an answer that is told: a page that is shut, or a phone that dies, loses nothing.
document.addEventListener('htmx:beforeRequest', async (event) => {
    const sent = await letterOf(event);
    if (sent === null || event.detail.xhr?.readyState === 4) {
        return;
    }
    try {
        add({ ...sent.letter, pending: Date.now(), why: say('outbox.why_silent') });
        setTimeout(() => held().some((letter) => letter.fields.client_id === sent.letter.fields.client_id) && tell(), SECOND);
    } catch {
        // Told when it fails.
    }
});
document.addEventListener('htmx:afterRequest', async (event) => {
    const xhr = event.detail.xhr;
    ahead = xhr?.status > 0 ? minutesAhead(Date.now(), xhr.getResponseHeader('Date')) : ahead;
    if (event.detail.successful && new URL(xhr.responseURL || location.href).pathname !== '/sign-in') {
        const sent = await letterOf(event);
        if (sent) {
            remove(sent.letter);
            noteSent(sent.letter);
        }
        tell();
    }
});

// No connection, no answer in time, or an answer that tells of a fault: whether it was stored is not known, and its id keeps it from counting twice.
document.addEventListener('htmx:sendError', (event) => keep(event, say('outbox.why_away')));
document.addEventListener('htmx:timeout', (event) => keep(event, say('outbox.why_silent')));
document.addEventListener('htmx:responseError', (event) => {
    const status = event.detail.xhr.status;
    if (fate(status, false) === 'fault') {
        keep(event, say('outbox.why_fault'));
    } else if (status === 419) {
        keep(event, say('outbox.why_signed_out'));
    }
});
// A sign-in that ran out answers with the page to sign in: what was typed waits here for it.
document.addEventListener('htmx:beforeSwap', (event) => {
    if (new URL(event.detail.xhr.responseURL || location.href).pathname === '/sign-in') {
        keep(event, say('outbox.why_signed_out'));
    }
});

/** A token of this sign-in, read from a page fetched anew. */
async function freshToken() {
    const page = await (await fetch(location.href, { credentials: 'same-origin' })).text();

    return new DOMParser().parseFromString(page, 'text/html').querySelector('input[name="_token"]')?.value;
}

async function send(letter, token) {
    const fields = Object.entries({ ...letter.fields, own: sentOnes().join(' '), _token: token });
    const hasPicture = fields.some(([, value]) => value?.data);
    const body = hasPicture ? new FormData() : new URLSearchParams();
    fields.forEach(([name, value]) => (value?.data ? body.append(name, asPicture(value), value.name) : body.append(name, value)));

    return fetch(letter.action, { method: 'POST', headers: { Accept: 'application/json' }, body, credentials: 'same-origin', signal: AbortSignal.timeout(20_000) });
}

const isSignIn = (answer) => new URL(answer.url).pathname === '/sign-in' || answer.status === 401;

/** The answer in words, where it has any. */
async function words(answer) {
    try {
        return (await answer.json()).message || say('outbox.why_fault');
    } catch {
        return say('outbox.why_fault');
    }
}

let sending = false;

async function sendAll() {
    const waiting = mine().filter((letter) => !letter.refused && !isOnItsWay(letter, Date.now()));
    if (sending || waiting.length === 0 || !navigator.onLine || location.pathname === '/sign-in') {
        return;
    }
    sending = true;
    let sent = 0;
    let token = document.querySelector('input[name="_token"]')?.value;
    const later = new Set();
    for (const letter of waiting) {
        const { pending, ...kept } = letter;
        if (later.has(about(letter))) {
            continue;
        }
        let answer;
        try {
            answer = await send(letter, token ?? letter.fields._token);
            if (answer.status === 419) {
                token = await freshToken();
                answer = await send(letter, token);
            }
        } catch {
            // Nobody answers: the round begins here again.
            replace({ ...kept, why: say('outbox.why_away') });
            break;
        }
        const becomes = fate(answer.status, isSignIn(answer));
        if (becomes === 'sent') {
            sent += 1;
            remove(letter);
            noteSent(letter);
        } else if (becomes === 'refused') {
            // For its writer to see to; the next of the same post is judged for itself.
            const told = await answer.json().catch(() => ({}));
            replace({ ...kept, refused: told.message || say('outbox.why_fault'), ...(answer.status === 409 && told.theirs ? { clash: told } : {}) });
        } else if (becomes === 'signedOut') {
            replace({ ...kept, why: say('outbox.why_signed_out') });
            break;
        } else {
            replace({ ...kept, why: await words(answer) });
            later.add(about(letter));
        }
    }
    sending = false;
    // Never over half-typed text: the page says that it can be shown anew.
    if (sent > 0 && mine().length === 0 && !isHalfTyped(document)) {
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
            } else if (field.type !== 'file') {
                field.value = value;
            }
        });
    });
    form.querySelector('input:not([type="hidden"])')?.focus();
}

document.addEventListener('htmx:afterSettle', (event) => event.target.id === 'page' && sendAll());
document.addEventListener('htmx:afterSettle', (event) => giveIds(event.target));
document.addEventListener('DOMContentLoaded', () => {
    giveIds(document);
    tell();
    takeUp();
    sendAll();
    setInterval(sendAll, 10_000);
    addEventListener('online', sendAll);
});

// The entries that wait, in the browser's own store. Each press is a letter with an id of its own.

const BOX = 'aequus.outbox';
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const SILENT = ['_token', 'client_id', 'form', 'measured_at', 'line', 'seen'];
const SENT = 'aequus.sent';
const REMEMBERED = 50;
const GIVEN_UP = 25_000;

export const held = () => JSON.parse(localStorage.getItem(BOX) ?? '[]');

const hold = (letters) => localStorage.setItem(BOX, JSON.stringify(letters));
const same = (one, other) => one.fields.client_id === other.fields.client_id;

/** A letter that is there already is not put in twice. */
export const add = (letter) => hold([...held().filter((other) => !same(other, letter)), letter]);

export const remove = (letter) => hold(held().filter((other) => !same(other, letter)));

export const replace = (letter) => hold(held().map((other) => (same(other, letter) ? letter : other)));

/** What this phone sent lately: none of it is somebody else’s. */
export const sentOnes = () => JSON.parse(localStorage.getItem(SENT) ?? '[]');

export const noteSent = (letter) => localStorage.setItem(SENT, JSON.stringify([...sentOnes(), letter.fields.client_id].slice(-REMEMBERED)));

/** As long as the ids that pages are made with. */
export function newId() {
    return [...crypto.getRandomValues(new Uint8Array(26))].map((byte) => ALPHABET[byte % 32]).join('');
}

/** What stands in a form as its writer sees it: whom it is about, the keys that are pressed, what is typed; nothing that is folded away. */
export function shownIn(form) {
    const seen = [...form.elements].filter((field) => !['hidden', 'submit', 'button', 'fieldset'].includes(field.type) && !field.closest('details:not([open])'));
    const words = seen.map((field) => {
        if (field.type === 'radio' || field.type === 'checkbox') {
            return field.checked ? field.closest('label')?.textContent.trim() ?? '' : '';
        }

        if (field.type === 'file') {
            return field.files[0]?.name ?? '';
        }

        return (field.tagName === 'SELECT' ? field.selectedOptions[0]?.textContent ?? '' : field.value).trim();
    });

    return [form.querySelector('input[type="hidden"][name="post"]')?.value ?? '', ...words].filter((word) => word !== '').join(', ');
}

/** What somebody typed, to recognise it by. */
export function typedIn(letter) {
    if (letter.shown) {
        return letter.shown;
    }
    if (letter.fields.form === 'quick') {
        return letter.fields.line;
    }

    return Object.entries(letter.fields).filter(([name, value]) => value && !SILENT.includes(name)).map(([, value]) => value.name ?? value).join(' ');
}

/** What it is about: what was written of one thing is sent in the order in which it was written. */
export function about(letter) {
    const { post, stake, from, to, cast_post: cast, line_post: beside, line, form } = letter.fields;
    const [first] = (form === 'quick' ? line ?? '' : post ?? stake ?? cast ?? beside ?? (from && to ? [from, to].sort().join('-') : '')).trim().split(/\s+/);

    return first.toUpperCase();
}

/** On its way: sent by a page that still waits for the answer. Once the page would have given up, it waits here like the others. */
export const isOnItsWay = (letter, now) => (letter.pending ?? 0) > now - GIVEN_UP;

/** What becomes of a letter by the answer: sent, refused for its writer to see to, at fault for now, or to be kept until there is an answer again. */
export function fate(status, isSignIn) {
    if (isSignIn || status === 419) {
        return 'signedOut';
    }
    if (status >= 500 || status === 429 || status === 408) {
        return 'fault';
    }

    return status >= 400 ? 'refused' : 'sent';
}

/** Minutes by which a clock here is ahead of the one that dated an answer; zero within three. */
export function minutesAhead(now, dated) {
    const minutes = Math.round((now - Date.parse(dated)) / 60_000);

    return Number.isNaN(minutes) || Math.abs(minutes) <= 3 ? 0 : minutes;
}

/** Whether a field of any form holds what its page did not give it. */
export function isHalfTyped(page) {
    return [...page.querySelectorAll('form input:not([type="hidden"]), form textarea')].some((field) => (['checkbox', 'radio'].includes(field.type) ? field.checked !== field.defaultChecked : field.value !== field.defaultValue));
}

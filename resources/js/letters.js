// The entries that wait, in the browser's own store. Each press is a letter with an id of its own.

const BOX = 'aequus.outbox';
const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const SILENT = ['_token', 'client_id', 'form', 'measured_at', 'line'];

export const held = () => JSON.parse(localStorage.getItem(BOX) ?? '[]');

const hold = (letters) => localStorage.setItem(BOX, JSON.stringify(letters));
const same = (one, other) => one.fields.client_id === other.fields.client_id;

/** A letter that is there already is not put in twice. */
export const add = (letter) => hold([...held().filter((other) => !same(other, letter)), letter]);

export const remove = (letter) => hold(held().filter((other) => !same(other, letter)));

export const replace = (letter) => hold(held().map((other) => (same(other, letter) ? letter : other)));

/** As long as the ids that pages are made with. */
export function newId() {
    return [...crypto.getRandomValues(new Uint8Array(26))].map((byte) => ALPHABET[byte % 32]).join('');
}

/** What somebody typed, to recognise it by. */
export function typedIn(letter) {
    if (letter.fields.form === 'quick') {
        return letter.fields.line;
    }

    return Object.entries(letter.fields).filter(([name, value]) => value && !SILENT.includes(name)).map(([, value]) => value).join(' ');
}

/** Whether a field of any form holds what its page did not give it. */
export function isHalfTyped(page) {
    return [...page.querySelectorAll('form input:not([type="hidden"]), form textarea')].some((field) => (['checkbox', 'radio'].includes(field.type) ? field.checked !== field.defaultChecked : field.value !== field.defaultValue));
}

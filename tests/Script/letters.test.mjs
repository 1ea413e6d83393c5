// The entries that wait for a connection.
import { beforeEach, expect, test } from 'vitest';
import { about, add, fate, held, isHalfTyped, isOnItsWay, minutesAhead, newId, remove, replace, shownIn, typedIn } from '../../resources/js/letters.js';

const letter = (id, fields = {}) => ({ action: '/jobs/1/entries/hole', page: '/jobs/1/footing', fields: { client_id: id, ...fields } });

beforeEach(() => {
    const box = new Map();
    globalThis.localStorage = { getItem: (key) => box.get(key) ?? null, setItem: (key, value) => box.set(key, value) };
});

test('two presses of one page are two letters', () => {
    add(letter(newId(), { depth: '1100' }));
    add(letter(newId(), { depth: '1200' }));
    expect(held().map((one) => one.fields.depth)).toEqual(['1100', '1200']);
});

test('the same letter put in twice is one', () => {
    add(letter('A', { depth: '1100' }));
    add(letter('A', { depth: '1100' }));
    expect(held().length).toBe(1);
});

test('what was sent goes, what was refused stays with its reason', () => {
    add(letter('A'));
    add(letter('B'));
    replace({ ...letter('B'), refused: 'too deep' });
    remove(letter('A'));
    expect(held().map((one) => [one.fields.client_id, one.refused])).toEqual([['B', 'too deep']]);
});

test('ids are as long as those of pages and never alike', () => {
    const ids = new Set(Array.from({ length: 500 }, newId));
    expect(ids.size).toBe(500);
    ids.forEach((id) => expect(id).toMatch(/^[0-9A-HJKMNP-TV-Z]{26}$/));
});

test('what somebody typed is told by its values, a quick line by itself', () => {
    expect(typedIn(letter('A', { _token: 'x', form: 'hole', post: 'B2', depth: '1100', found: '' }))).toBe('B2 1100');
    expect(typedIn(letter('A', { form: 'quick', line: 'b2 hole 1100' }))).toBe('b2 hole 1100');
});

test('a page is half typed when a field holds what the page did not give it', () => {
    const page = (...fields) => ({ querySelectorAll: () => fields });
    expect(isHalfTyped(page({ type: 'text', value: '12', defaultValue: '12' }, { type: 'checkbox', checked: true, defaultChecked: true }))).toBe(false);
    expect(isHalfTyped(page({ type: 'text', value: '12 1/2', defaultValue: '12' }))).toBe(true);
    expect(isHalfTyped(page({ type: 'radio', checked: true, defaultChecked: false }))).toBe(true);
});

test('what is written of one post keeps its order, whichever form it came from', () => {
    expect(about(letter('A', { form: 'hole', post: 'B2' }))).toBe('B2');
    expect(about(letter('B', { form: 'quick', line: ' b2 plumb 3 lane' }))).toBe('B2');
    expect(about(letter('C', { from: 'C3', to: 'A1' }))).toBe(about(letter('D', { from: 'A1', to: 'C3' })));
    expect(about(letter('E', { form: 'remark', text: 'of the whole job' }))).toBe('');
});

test('a fault is tried again, what is refused is for its writer, a sign-in comes first', () => {
    expect([200, 302].map((status) => fate(status, false))).toEqual(['sent', 'sent']);
    expect([500, 503, 507, 429, 408].map((status) => fate(status, false))).toEqual(Array(5).fill('fault'));
    expect([400, 403, 404, 413, 422].map((status) => fate(status, false))).toEqual(Array(5).fill('refused'));
    expect([fate(200, true), fate(419, false)]).toEqual(['signedOut', 'signedOut']);
});

test('one that a page still waits for is not sent beside it, and not forgotten when the page is gone', () => {
    expect(isOnItsWay({ pending: 1_000_000 }, 1_010_000)).toBe(true);
    expect(isOnItsWay({ pending: 1_000_000 }, 1_030_000)).toBe(false);
    expect(isOnItsWay({}, 1_000_000)).toBe(false);
});

test('a clock that is minutes off is told, seconds are not', () => {
    const noon = Date.parse('Sat, 28 Nov 2026 12:00:00 GMT');
    expect(minutesAhead(noon + 11 * 60_000, 'Sat, 28 Nov 2026 12:00:00 GMT')).toBe(11);
    expect(minutesAhead(noon - 90 * 60_000, 'Sat, 28 Nov 2026 12:00:00 GMT')).toBe(-90);
    expect(minutesAhead(noon + 100_000, 'Sat, 28 Nov 2026 12:00:00 GMT')).toBe(0);
    expect(minutesAhead(noon, null)).toBe(0);
});

test('a picture is told by its name', () => {
    expect(typedIn(letter('A', { form: 'picture', post: 'A1', picture: { name: 'picture.jpg', type: 'image/jpeg', data: 'data:,' } }))).toBe('A1 picture.jpg');
});

test('it is told as its writer saw it: keys by their words, and nothing that was folded away', () => {
    const field = (type, value, more = {}) => ({ type, value, tagName: 'INPUT', closest: () => null, ...more });
    const key = (words, checked) => field('radio', 'minus_y', { checked, closest: (of) => (of === 'label' ? { textContent: ` ${words} ` } : null) });
    const form = {
        elements: [
            field('hidden', 'x'), key('lane face', true), key('orchard face', false), field('text', '1/8'), field('text', ''), field('submit', ''), field('fieldset', undefined), field('file', 'C:\\fakepath', { files: [{ name: 'picture.jpg' }] }),
            field('text', 'folded', { closest: (of) => (of.startsWith('details') ? {} : null) }),
            field('select-one', 'in_16', { tagName: 'SELECT', selectedOptions: [{ textContent: 'on the ground' }] }),
        ],
        querySelector: () => ({ value: 'A1' }),
    };
    expect(shownIn(form)).toBe('A1, lane face, 1/8, picture.jpg, on the ground');
    expect(typedIn({ ...letter('A', { form: 'plumb', face: 'minus_y' }), shown: shownIn(form) })).toBe(shownIn(form));
});

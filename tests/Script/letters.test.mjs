// The entries that wait for a connection.
import { beforeEach, expect, test } from 'vitest';
import { add, held, isHalfTyped, newId, remove, replace, typedIn } from '../../resources/js/letters.js';

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

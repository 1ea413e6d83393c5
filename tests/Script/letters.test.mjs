// The entries that wait for a connection: node --test tests/Script
import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { add, held, isHalfTyped, newId, remove, replace, typedIn } from '../../resources/js/letters.js';

const letter = (id, fields = {}) => ({ action: '/jobs/1/entries/hole', page: '/jobs/1/footing', fields: { client_id: id, ...fields } });

beforeEach(() => {
    const box = new Map();
    globalThis.localStorage = { getItem: (key) => box.get(key) ?? null, setItem: (key, value) => box.set(key, value) };
});

test('two presses of one page are two letters', () => {
    add(letter(newId(), { depth: '1100' }));
    add(letter(newId(), { depth: '1200' }));
    assert.deepEqual(held().map((one) => one.fields.depth), ['1100', '1200']);
});

test('the same letter put in twice is one', () => {
    add(letter('A', { depth: '1100' }));
    add(letter('A', { depth: '1100' }));
    assert.equal(held().length, 1);
});

test('what was sent goes, what was refused stays with its reason', () => {
    add(letter('A'));
    add(letter('B'));
    replace({ ...letter('B'), refused: 'too deep' });
    remove(letter('A'));
    assert.deepEqual(held().map((one) => [one.fields.client_id, one.refused]), [['B', 'too deep']]);
});

test('ids are as long as those of pages and never alike', () => {
    const ids = new Set(Array.from({ length: 500 }, newId));
    assert.equal(ids.size, 500);
    ids.forEach((id) => assert.match(id, /^[0-9A-HJKMNP-TV-Z]{26}$/));
});

test('what somebody typed is told by its values, a quick line by itself', () => {
    assert.equal(typedIn(letter('A', { _token: 'x', form: 'hole', post: 'B2', depth: '1100', found: '' })), 'B2 1100');
    assert.equal(typedIn(letter('A', { form: 'quick', line: 'b2 hole 1100' })), 'b2 hole 1100');
});

test('a page is half typed when a field holds what the page did not give it', () => {
    const page = (...fields) => ({ querySelectorAll: () => fields });
    assert.equal(isHalfTyped(page({ type: 'text', value: '12', defaultValue: '12' }, { type: 'checkbox', checked: true, defaultChecked: true })), false);
    assert.equal(isHalfTyped(page({ type: 'text', value: '12 1/2', defaultValue: '12' })), true);
    assert.equal(isHalfTyped(page({ type: 'radio', checked: true, defaultChecked: false })), true);
});

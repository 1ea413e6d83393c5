// What scripts say.
import { expect, test } from 'vitest';
import { filled, say } from '../../resources/js/say.js';

test('places are filled, one thing is told from many', () => {
    const text = '{count: One entry waits|# entries wait}: {typed}.';
    expect(filled(text, { count: 1, typed: 'b2 hole 900' })).toBe('One entry waits: b2 hole 900.');
    expect(filled(text, { count: 3, typed: 'x' })).toBe('3 entries wait: x.');
    expect(filled('{typed}', {})).toBe('');
});

test('the words come with the page', () => {
    globalThis.document = { getElementById: () => ({ dataset: { words: '{"zoom.whole":"ganz {x}"}' } }) };
    expect(say('zoom.whole', { x: 2 })).toBe('ganz 2');
    expect(say('zoom.none')).toBe('zoom.none');
});

// What is next where nobody answers.
import { expect, test } from 'vitest';
import { answers, nextOf } from '../../resources/js/ahead.js';

const step = (about, face = '', kind = 'plumb') => ({ kind, about, face, says: `${kind} ${about} ${face}`, at: '' });
const letter = (fields, kind = 'plumb') => ({ action: `http://yard.local/jobs/1/entries/${kind}`, fields: { form: kind, ...fields } });
const steps = [step('A1', 'minus_y'), step('A1', 'plus_x'), step('B1', 'minus_y'), step('B1', 'plus_x')];

test('a letter answers a step of its kind, about the same, on the same face', () => {
    expect(answers(letter({ post: 'a1', face: 'minus_y' }), steps[0])).toBe(true);
    expect(answers(letter({ post: 'A1', face: 'plus_x' }), steps[0])).toBe(false);
    expect(answers(letter({ post: 'B1', face: 'minus_y' }), steps[0])).toBe(false);
    expect(answers(letter({ post: 'A1' }, 'hole'), steps[0])).toBe(false);
    expect(answers(letter({ from: 'C3', to: 'A1' }, 'tape'), step('A1-C3', '', 'tape'))).toBe(true);
});

test('the next is the one after the last that was answered', () => {
    expect(nextOf(steps, [])).toBe(steps[0]);
    expect(nextOf(steps, [letter({ post: 'A1', face: 'minus_y' })])).toBe(steps[1]);
    expect(nextOf(steps, [letter({ post: 'B1', face: 'minus_y' })])).toBe(steps[3]);
});

test('from the end it goes on at the beginning, and ends when all is answered', () => {
    const all = [['A1', 'minus_y'], ['A1', 'plus_x'], ['B1', 'minus_y'], ['B1', 'plus_x']].map(([post, face]) => letter({ post, face }));
    expect(nextOf(steps, [all[3]])).toBe(steps[0]);
    expect(nextOf(steps, [all[3], all[0]])).toBe(steps[1]);
    expect(nextOf(steps, all)).toBeNull();
    expect(nextOf([], all)).toBeNull();
});

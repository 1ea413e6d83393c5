import { describe, expect, it } from 'vitest';
import { beginsFigure, nextField } from '../../resources/js/meter.js';

describe('a meter that types like a keyboard', () => {
    it('is known by a figure, and no shortcut is taken for one', () => {
        expect(['0', '7'].every((key) => beginsFigure({ key }))).toBe(true);
        expect(['Enter', 'a', ' ', 'Tab', '.'].some((key) => beginsFigure({ key }))).toBe(false);
        expect(beginsFigure({ key: '1', ctrlKey: true })).toBe(false);
        expect(beginsFigure({ key: '1', altKey: true })).toBe(false);
    });
    it('writes into the first empty reading', () => {
        const [full, empty, last] = [{ value: '12' }, { value: '' }, { value: '' }];
        expect(nextField([full, empty, last])).toBe(empty);
        expect(nextField([full])).toBe(full);
        expect(nextField([])).toBe(null);
    });
});

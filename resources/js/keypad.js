// A keypad with large keys under every length field. It fills the ordinary field and nothing else.
import { say } from './say.js';

const INCH_KEYS = ['1/16', '1/8', '3/16', '1/4', '5/16', '3/8', '7/16', '1/2', '9/16', '5/8', '11/16', '3/4', '13/16', '7/8', '15/16', "'"];
const DIGITS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];

function press(field, key) {
    const typed = field.value;
    if (key === 'back') {
        field.value = typed.replace(/(\s?\d+\/\d+|.)$/s, '');
    } else if (key === 'clear') {
        field.value = '';
    } else if (key.includes('/')) {
        // A fraction takes the place of the one before it and stands off from whole inches.
        field.value = `${typed.replace(/\s?\d+\/\d+$/, '').trimEnd()} ${key}`.trimStart();
    } else if (key === "'") {
        field.value = typed.includes("'") || typed === '' ? typed : `${typed}' `;
    } else {
        field.value = typed + key;
    }
    field.dispatchEvent(new Event('input', { bubbles: true }));
}

function build(field) {
    const keys = field.dataset.keypad === 'decimals' ? [...DIGITS, '.', 'back'] : [...DIGITS, 'back', 'clear', ...INCH_KEYS];
    const words = { back: '⌫', clear: say('keypad.clear'), "'": say('keypad.feet') };
    const labels = { back: say('keypad.delete_last'), clear: say('keypad.clear_field') };
    const pad = document.createElement('div');
    pad.className = 'keypad';
    keys.forEach((key) => {
        const button = document.createElement('button');
        button.type = 'button';
        button.textContent = words[key] ?? key.replace('/', '⁄');
        button.className = /^\d$/.test(key) ? 'digit' : '';
        if (labels[key]) {
            button.setAttribute('aria-label', labels[key]);
        }
        button.addEventListener('click', () => press(field, key));
        pad.append(button);
    });
    const fold = document.createElement('details');
    fold.className = 'keypad-fold';
    const summary = document.createElement('summary');
    summary.textContent = 'Keys';
    fold.append(summary, pad);
    // It stands open at the field of the next move, and stays as it was left through a round.
    fold.open = (sessionStorage.getItem('keypad') ?? 'open') === 'open' && field === document.querySelector('#entry input[data-keypad]');
    summary.addEventListener('click', () => sessionStorage.setItem('keypad', fold.open ? 'shut' : 'open'));
    if (field.closest('.round')) {
        // On a round the keys go along: they open at the field that is looked at, and one of them leads on.
        const on = document.createElement('button');
        on.type = 'button';
        on.textContent = 'next';
        on.addEventListener('click', () => {
            const fields = [...document.querySelectorAll('.round input[data-keypad], .round select')];
            const next = fields[fields.indexOf(field) + 1];
            if (field.value !== field.defaultValue) {
                field.dispatchEvent(new Event('change', { bubbles: true }));
            }
            next?.focus();
        });
        pad.append(on);
        field.addEventListener('focus', () => {
            document.querySelectorAll('.round .keypad-fold').forEach((other) => {
                other.open = other === fold && (sessionStorage.getItem('keypad') ?? 'open') === 'open';
            });
        });
    }
    field.after(fold);
}

const buildAll = (root) => {
    if (matchMedia('(pointer: coarse), (max-width: 40rem)').matches) {
        root.querySelectorAll('.entry input[data-keypad]').forEach(build);
    }
};
document.addEventListener('DOMContentLoaded', () => buildAll(document));
document.addEventListener('htmx:afterSettle', (event) => buildAll(event.target));

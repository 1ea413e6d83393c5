import 'htmx.org';
import './draw.js';
import './drawing.js';
import './kept.js';
import './keypad.js';
import './meter.js';
import './outbox.js';
import './phone.js';
import './picture.js';
import './plane.js';
import './quick.js';
import './zoom.js';
import { say } from './say.js';

// What is narrower than that is a sign, not a drawing.
const SMALL = 200;

// A link to one part of the page alone, behind each of its kind.
function take(root, parts, kind, done) {
    if (!/^\/jobs\/\d+\//.test(location.pathname)) {
        return;
    }
    const all = [...document.querySelectorAll(parts)];
    all.forEach((part, i) => {
        const beside = part.closest('.scroll-x, .days-scroll, figure') ?? part;
        if (!root.contains(part) || part.closest('.side-work, td, button, details, .move') || beside.nextElementSibling?.matches(done) || part.getBoundingClientRect().width < SMALL) {
            return;
        }
        const link = document.createElement('a');
        const at = new URL(location.href);
        at.searchParams.set(kind, i + 1);
        at.hash = '';
        [link.href, link.textContent] = [at.href, say(kind === 'table' ? 'take.table' : 'take.drawing')];
        link.setAttribute('hx-boost', 'false');
        const line = document.createElement('p');
        line.className = 'take no-print';
        line.dataset[kind] = '';
        line.append(link);
        beside.after(line);
    });
}

// What a page needs once, and again after htmx has put new parts in.
function dress(root) {
    root.querySelectorAll('[data-zone]').forEach((field) => {
        field.value ||= Intl.DateTimeFormat().resolvedOptions().timeZone;
    });
    // A table that scrolls sideways on a narrow screen can be reached and scrolled by keyboard.
    root.querySelectorAll(':is(.paper, .yard) table').forEach((table) => {
        if (table.scrollWidth > table.clientWidth) {
            table.tabIndex = 0;
        }
    });
    // Each table as a table file, each drawing as a picture: counted as the answer counts them.
    take(root, 'main table', 'table', '[data-table]');
    take(root, 'main svg:not([aria-hidden])', 'drawing', '[data-drawing]');
    // On a narrow screen the row of pages scrolls: the one that is shown stands in sight.
    root.querySelectorAll('.ways [aria-current]').forEach((here) => {
        here.parentElement.scrollLeft = here.offsetLeft - (here.parentElement.clientWidth - here.offsetWidth) / 2;
    });
    root.querySelectorAll('select[data-submit]').forEach((select) => {
        select.addEventListener('change', () => select.form.requestSubmit());
    });
}

document.addEventListener('DOMContentLoaded', () => dress(document));
document.addEventListener('htmx:afterSettle', (event) => {
    dress(event.target);
    if (event.target.id !== 'page') {
        return;
    }
    // After a refusal the field in question is where to go on; after an entry, the next number.
    const refused = event.target.querySelector('[aria-invalid="true"]');
    if (event.target.querySelector('.notice-done')) {
        window.scrollTo(0, 0);
    }
    const next = event.target.querySelector('#entry [data-keypad]');
    const wide = matchMedia('(min-width: 60rem)').matches;
    (refused ?? (wide && event.target.querySelector('.notice-done') ? next : null) ?? document.getElementById('work'))?.focus({ preventScroll: !refused });
});

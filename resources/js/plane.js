// The plane of the feet in a section can be dragged, or moved with the arrow keys; the field beside it says where it is, and the sums follow.

// Whoever moves it by keyboard goes on from where they were once the sums have followed.
let byKeyboard = false;

function hold(plane) {
    const levels = JSON.parse(plane.dataset.plane);
    const svg = plane.ownerSVGElement;
    const field = document.getElementById(plane.dataset.field);
    const from = Number(plane.querySelector('.plane').getAttribute('y1'));
    const nearest = (y) => levels.reduce((best, level, i) => (Math.abs(level[1] - y) < Math.abs(levels[best][1] - y) ? i : best), 0);
    let at = nearest(from);

    const show = (i) => {
        at = Math.max(0, Math.min(levels.length - 1, i));
        plane.setAttribute('transform', `translate(0 ${levels[at][1] - from})`);
        plane.setAttribute('aria-valuenow', String(levels.length - at));
        plane.setAttribute('aria-valuetext', levels[at][0]);
        plane.querySelector('.plane-label').textContent = `plane of the feet at ${levels[at][0].replace('-', '−')}`;
    };
    const settle = () => {
        field.value = levels[at][0];
        field.form.requestSubmit();
    };
    show(at);

    plane.addEventListener('pointerdown', (event) => {
        plane.setPointerCapture(event.pointerId);
        const drag = (move) => show(nearest(new DOMPoint(move.clientX, move.clientY).matrixTransform(svg.getScreenCTM().inverse()).y));
        plane.addEventListener('pointermove', drag);
        plane.addEventListener('pointerup', () => {
            plane.removeEventListener('pointermove', drag);
            settle();
        }, { once: true });
    });
    let wait;
    plane.addEventListener('keydown', (event) => {
        const step = { ArrowUp: -1, ArrowDown: 1, PageUp: -6, PageDown: 6 }[event.key];
        if (step === undefined) {
            return;
        }
        event.preventDefault();
        show(at + step);
        clearTimeout(wait);
        wait = setTimeout(() => {
            byKeyboard = true;
            settle();
        }, 700);
    });
}

const holdAll = (root) => root.querySelectorAll('[data-plane]').forEach(hold);
document.addEventListener('DOMContentLoaded', () => holdAll(document));
document.addEventListener('htmx:afterSettle', (event) => {
    holdAll(event.target);
    if (byKeyboard) {
        byKeyboard = false;
        setTimeout(() => event.target.querySelector('[data-plane]')?.focus({ preventScroll: true }));
    }
});

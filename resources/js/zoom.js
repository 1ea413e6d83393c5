// Enlarging and moving a drawing: by wheel, drag, two fingers, buttons and keys. The drawing itself is whole without it.
import { say } from './say.js';

const MOST = 8;

function zoomable(svg) {
    const [left, top, width, height] = svg.getAttribute('viewBox').split(/\s+/).map(Number);
    let view = { x: left, y: top, w: width };

    const show = () => {
        view.w = Math.min(width, Math.max(width / MOST, view.w));
        const h = (view.w * height) / width;
        view.x = Math.min(left + width - view.w, Math.max(left, view.x));
        view.y = Math.min(top + height - h, Math.max(top, view.y));
        svg.setAttribute('viewBox', `${view.x} ${view.y} ${view.w} ${h}`);
        svg.classList.toggle('is-enlarged', view.w < width);
    };
    const place = (event) => {
        const matrix = svg.getScreenCTM().inverse();
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    };
    const middle = () => ({ x: view.x + view.w / 2, y: view.y + (view.w * height) / width / 2 });
    const by = (factor, at = middle()) => {
        const before = view.w;
        view.w = Math.min(width, Math.max(width / MOST, view.w / factor));
        const share = view.w / before;
        view.x = at.x - (at.x - view.x) * share;
        view.y = at.y - (at.y - view.y) * share;
        show();
    };
    const whole = () => {
        view = { x: left, y: top, w: width };
        show();
    };

    svg.addEventListener('wheel', (event) => {
        // A page is scrolled by the wheel until the drawing is asked for: with Ctrl, or once it is enlarged.
        if (!event.ctrlKey && view.w >= width) {
            return;
        }
        event.preventDefault();
        by(event.deltaY < 0 ? 1.2 : 1 / 1.2, place(event));
    }, { passive: false });

    const fingers = new Map();
    let moved = false;
    svg.addEventListener('pointerdown', (event) => {
        fingers.set(event.pointerId, event);
        moved = false;
    });
    svg.addEventListener('pointermove', (event) => {
        const before = fingers.get(event.pointerId);
        if (!before) {
            return;
        }
        const others = [...fingers.values()].filter((finger) => finger.pointerId !== event.pointerId);
        if (others.length === 1) {
            const far = (one) => Math.hypot(one.clientX - others[0].clientX, one.clientY - others[0].clientY);
            by(far(event) / Math.max(1, far(before)), place({ clientX: (event.clientX + others[0].clientX) / 2, clientY: (event.clientY + others[0].clientY) / 2 }));
            moved = true;
        } else if (view.w < width) {
            const scale = view.w / svg.getBoundingClientRect().width;
            view.x -= (event.clientX - before.clientX) * scale;
            view.y -= (event.clientY - before.clientY) * scale;
            moved = moved || Math.hypot(event.clientX - before.clientX, event.clientY - before.clientY) > 3;
            show();
        }
        fingers.set(event.pointerId, event);
    });
    const lift = (event) => fingers.delete(event.pointerId);
    ['pointerup', 'pointercancel', 'pointerleave'].forEach((name) => svg.addEventListener(name, lift));
    // A drag is no press on what lies under it.
    svg.addEventListener('click', (event) => {
        if (moved) {
            event.preventDefault();
            event.stopPropagation();
            moved = false;
        }
    }, true);

    svg.addEventListener('keydown', (event) => {
        const step = event.shiftKey && { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (step) {
            event.preventDefault();
            view.x += (step[0] * view.w) / 6;
            view.y += (step[1] * view.w) / 6;
            show();
            return;
        }
        const act = { '+': () => by(1.4), '=': () => by(1.4), '-': () => by(1 / 1.4), 0: whole }[event.key];
        if (act && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            act();
        }
    });

    const buttons = document.createElement('div');
    buttons.className = 'zoom no-print';
    [
        ['−', say('zoom.smaller'), () => by(1 / 1.4)],
        ['+', say('zoom.larger'), () => by(1.4)],
        [say('zoom.whole'), say('zoom.show_whole'), whole],
    ].forEach(([words, label, act]) => {
        const button = document.createElement('button');
        button.type = 'button';
        button.textContent = words;
        button.setAttribute('aria-label', label);
        button.addEventListener('click', act);
        buttons.append(button);
    });
    (svg.parentElement.querySelector('.legend') ?? svg.parentElement).append(buttons);
}

const zoomAll = (root) => root.querySelectorAll('svg[data-zoom]:not(.can-zoom)').forEach((svg) => {
    svg.classList.add('can-zoom');
    zoomable(svg);
});
document.addEventListener('DOMContentLoaded', () => zoomAll(document));
document.addEventListener('htmx:afterSettle', (event) => zoomAll(event.target));

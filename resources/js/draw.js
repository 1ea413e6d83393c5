// A line in the ground drawn on the plan: each press writes one point into the field, which stays an ordinary field.

// To a centimetre in decimal figures, each so many millimetres; to an inch where inches are divided.
const written = (millimetres, one) => {
    if (one !== '') {
        return `${(Math.round(millimetres / 10) * 10) / Number(one)}`;
    }
    const inches = Math.round(millimetres / 25.4);
    const feet = Math.trunc(inches / 12);
    return feet === 0 ? `${inches}"` : `${feet}' ${Math.abs(inches % 12)}"`;
};

function drawable(box) {
    const field = document.getElementById(box.dataset.drawInto);
    const svg = box.querySelector('svg');
    if (!field || !svg) {
        return;
    }
    document.querySelectorAll('[data-draw-hint]').forEach((hint) => { hint.hidden = false; });
    const { drawOne: one, drawX0: x0, drawY0: y0, drawMetre: metre } = box.dataset;
    svg.addEventListener('click', (event) => {
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const point = `${written(((at.x - x0) / metre) * 1000, one)} ; ${written(((y0 - at.y) / metre) * 1000, one)}`;
        field.value = field.value.trim() === '' ? point : `${field.value.trimEnd()}\n${point}`;
        const dot = document.createElementNS('http://www.w3.org/2000/svg', 'circle');
        Object.entries({ class: 'drawn-point', cx: at.x, cy: at.y, r: 4 }).forEach(([name, value]) => dot.setAttribute(name, value));
        svg.append(dot);
    });
}

const drawAll = (root) => root.querySelectorAll('[data-draw-into]').forEach(drawable);
document.addEventListener('DOMContentLoaded', () => drawAll(document));
document.addEventListener('htmx:afterSettle', (event) => drawAll(event.target));

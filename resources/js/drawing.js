// One tab stop per drawing; arrow keys go from post to post, nearest first in that direction.

const centre = (post) => {
    const box = post.querySelector('.hole, .pit').getBBox();
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};

const heading = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] };

function neighbour(posts, from, [dx, dy]) {
    const start = centre(from);
    let best = null;
    for (const post of posts) {
        const to = centre(post);
        const along = (to.x - start.x) * dx + (to.y - start.y) * dy;
        const aside = Math.abs((to.x - start.x) * dy) + Math.abs((to.y - start.y) * dx);
        if (along > 1 && (best === null || along + 3 * aside < best.cost)) {
            best = { post, cost: along + 3 * aside };
        }
    }
    return best?.post;
}

function rove(svg) {
    const posts = [...svg.querySelectorAll('.post, .hole-in-section')];
    const start = svg.querySelector('.post-next') ?? posts[0];
    posts.forEach((post) => post.setAttribute('tabindex', post === start ? '0' : '-1'));
    svg.addEventListener('keydown', (event) => {
        // With Shift the drawing itself is moved.
        const next = !event.shiftKey && heading[event.key] && neighbour(posts, document.activeElement, heading[event.key]);
        if (!next) {
            return;
        }
        event.preventDefault();
        posts.forEach((post) => post.setAttribute('tabindex', post === next ? '0' : '-1'));
        next.focus();
    });
}

// Where a drawing is wider than the screen, what comes next is seen first.
function showNext(svg) {
    const box = svg.closest('.drawing');
    const next = svg.querySelector('.post-next')?.getBoundingClientRect();
    if (box && next && box.scrollWidth > box.clientWidth) {
        box.scrollLeft += next.left + next.width / 2 - (box.getBoundingClientRect().left + box.clientWidth / 2);
    }
}

const roveAll = (root) => root.querySelectorAll('svg[data-roving]').forEach((svg) => {
    rove(svg);
    showNext(svg);
});
document.addEventListener('DOMContentLoaded', () => roveAll(document));
document.addEventListener('htmx:afterSettle', (event) => roveAll(event.target));

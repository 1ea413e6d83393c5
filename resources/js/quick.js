// The quick line: a touch fills in what could follow, and Esc in the empty line strikes what was written last.

document.addEventListener('click', (event) => {
    const fill = event.target.closest('[data-fill]');
    if (!fill) {
        return;
    }
    const line = document.getElementById('quick-line');
    line.value = fill.dataset.fill;
    line.focus();
    line.dispatchEvent(new Event('input', { bubbles: true }));
});

document.addEventListener('keydown', (event) => {
    if (event.key !== 'Escape' || event.target.id !== 'quick-line') {
        return;
    }
    if (event.target.value !== '') {
        event.target.value = '';
        event.target.dispatchEvent(new Event('input', { bubbles: true }));
        return;
    }
    document.getElementById(event.target.form.dataset.last ?? '')?.requestSubmit();
});

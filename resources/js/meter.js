// A laser meter types like a keyboard. What it sends while no field is chosen goes into the reading that is next; its Enter writes it down.

/** Whether a key begins a figure that nobody meant for anything else. */
export const beginsFigure = (event) => /^[0-9]$/.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey;

/** The first that is empty, else the first; null where there is none. */
export const nextField = (fields) => fields.find((field) => field.value === '') ?? fields[0] ?? null;

if (typeof document !== 'undefined') {
    document.addEventListener('keydown', (event) => {
        const isFree = event.target === document.body || event.target.id === 'work';
        if (!isFree || !beginsFigure(event)) {
            return;
        }
        // The key itself lands where the focus is by then.
        nextField([...document.querySelectorAll('#entry input[data-keypad], .round input[data-keypad]')].filter((field) => field.offsetParent !== null))?.focus();
    });
}

// What scripts say comes with the page, in its language. A text has places: “{typed}”, and “{count: one thing|# things}” for one and for many.
let texts = null;

const inPage = () => JSON.parse(document.getElementById('outbox')?.dataset.words ?? '{}');

export const filled = (text, parts = {}) => text.replace(/\{([a-z_]+)(?:: ([^|}]*)\|([^}]*))?\}/g, (place, name, one, many) => (
    one === undefined ? String(parts[name] ?? '') : (parts[name] === 1 ? one : many.replaceAll('#', String(parts[name])))
));

export const say = (key, parts = {}) => filled((texts ??= inPage())[key] ?? key, parts);

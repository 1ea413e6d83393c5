// What is next where nobody answers: from what the page was told when there was a signal, and from what waits here since.
import { about } from './letters.js';

const kind = (letter) => letter.action.split('/').pop();

export const answers = (letter, step) => kind(letter) === step.kind && about(letter) === step.about && (step.face === '' || letter.fields.face === step.face);

/** The step after the one that was answered last, past those that are answered too; from the end it goes on at the beginning. Null when all are. */
export function nextOf(steps, letters) {
    const isAnswered = (step) => letters.some((letter) => answers(letter, step));
    const last = letters.reduce((found, letter) => Math.max(found, steps.findIndex((step) => answers(letter, step))), -1);

    return [...steps.slice(last + 1), ...steps.slice(0, last + 1)].find((step) => !isAnswered(step)) ?? null;
}

// The phone as a level on a face: it fills the fields of the reading and says how far it can be trusted. Nothing is written down before somebody says so.
import { degrees, Hold, ofThePost, up } from './gravity.js';
import { say } from './say.js';

const PATIENCE = 2_000;
const STEP = 50;
const OPPOSITE = { 'minus_x': 'plus_x', 'plus_x': 'minus_x', 'minus_y': 'plus_y', 'plus_y': 'minus_y' };

const chosen = (form, name) => form.querySelector(`[name="${name}"]:checked`)?.value;
const choose = (form, name, value) => {
    const radio = form.querySelector(`[name="${name}"][value="${value}"]`);
    radio.checked = true;
    radio.dispatchEvent(new Event('change', { bubbles: true }));
};

/** Some phones ask their owner first. */
async function isAllowed() {
    const ask = globalThis.DeviceOrientationEvent?.requestPermission;

    return ask ? (await ask.call(DeviceOrientationEvent).catch(() => 'denied')) === 'granted' : true;
}

class PhoneLevel {
    #box;
    #form;
    #first = null;
    #hold = new Hold();
    #now = null;
    #heard = (event) => { this.#now = typeof event.beta === 'number' && typeof event.gamma === 'number' ? up(event) : null; };
    #clock = null;
    #begun = 0;

    constructor(box) {
        this.#box = box;
        this.#form = box.closest('form');
        box.hidden = false;
        this.#at('begin').addEventListener('click', () => this.#begin());
        this.#at('stop').addEventListener('click', () => this.#end());
        this.#at('turned').addEventListener('click', () => this.#second());
        this.#at('once').addEventListener('click', () => this.#take(this.#first, null));
    }

    #at(part) {
        return this.#box.querySelector(`[data-phone-${part}]`);
    }

    async #begin() {
        this.#at('says').textContent = '';
        const face = chosen(this.#form, 'face');
        if (!face) {
            this.#at('says').textContent = say('phone.face_first');

            return;
        }
        if (!(await isAllowed())) {
            this.#at('says').textContent = say('phone.no_sensor');

            return;
        }
        this.#first = null;
        this.#at('at-work').hidden = false;
        this.#box.classList.remove('is-second');
        this.#at('turned').hidden = this.#at('once').hidden = true;
        this.#ask();
        [this.#now, this.#begun] = [null, performance.now()];
        addEventListener('deviceorientation', this.#heard);
        this.#listen(true);
    }

    #ask() {
        this.#at('what').textContent = say(this.#first === null ? 'phone.first' : 'phone.second', { face: this.#name(chosen(this.#form, 'face')) });
    }

    /** A phone that lies still tells nothing new: what it told last still holds, and is felt again. */
    #feel() {
        if (!this.#box.isConnected) {
            this.#end();

            return;
        }
        if (this.#now === null) {
            if (performance.now() - this.#begun > PATIENCE) {
                this.#end();
                this.#at('says').textContent = say('phone.no_sensor');
            }

            return;
        }
        const told = this.#hold.feel(this.#now, performance.now());
        this.#at('steady').value = told.share;
        this.#at('figure').textContent = told.lean === null ? '–' : `${degrees(told.lean).toFixed(2)}°`;
        this.#at('toward').textContent = told.lean === null || told.is === 'askew' ? '' : this.#toward(this.#first === null ? told.lean : -told.lean);
        if (told.is === 'askew' || told.is === 'moving') {
            this.#at('what').textContent = say(`phone.${told.is}`);
        } else if (told.is === 'still') {
            this.#ask();
        } else {
            this.#taken(told.lean);
        }
    }

    #toward(out) {
        return degrees(out) < 0.005 ? say('phone.plumb') : say('phone.toward', { side: this.#name(this.#side(out)) });
    }

    #name(side) {
        return JSON.parse(this.#box.dataset.sides)[side];
    }

    /** Away from the face is toward the side that the face looks to. */
    #side(out) {
        const face = chosen(this.#form, 'face');

        return out > 0 ? face : OPPOSITE[face];
    }

    #taken(read) {
        navigator.vibrate?.(80);
        if (this.#first !== null) {
            this.#take(this.#first, read);

            return;
        }
        // A sensor does not feel a phone turn about the plumb line: its holder says when it is turned over.
        this.#first = read;
        this.#listen(false);
        this.#box.classList.add('is-second');
        this.#at('turned').hidden = this.#at('once').hidden = false;
        this.#ask();
        this.#at('turned').focus();
    }

    #listen(is) {
        this.#hold = new Hold();
        clearInterval(this.#clock);
        this.#clock = is ? setInterval(() => this.#feel(), STEP) : null;
    }

    #second() {
        this.#at('turned').hidden = this.#at('once').hidden = true;
        this.#listen(true);
    }

    #take(first, second) {
        this.#end();
        const post = ofThePost(first, second);
        const figure = degrees(post.out).toFixed(2);
        const isPlumb = figure === '0.00';
        choose(this.#form, 'way', 'phone');
        choose(this.#form, 'leans', isPlumb ? 'plumb' : this.#side(post.out));
        const gap = this.#form.querySelector('[name="gap"]');
        gap.value = isPlumb ? '' : `${figure}°`;
        this.#form.querySelector('[name="turned_over"]').checked = second !== null;
        const { run, perRun, unit } = this.#box.dataset;
        const over = (ratio) => `${Number((ratio * perRun).toFixed(unit === 'mm' ? 1 : 2))} ${unit}`;
        this.#at('says').textContent = [
            say('phone.taken', { what: isPlumb ? say('phone.plumb') : `${figure}°, ${this.#toward(post.out)}`, good: over(post.sigma), twice: over(2 * post.sigma), run }),
            post.own === null ? '' : say('phone.own_error', { own: over(post.own), run }),
        ].join(' ').trim();
        this.#at('says').scrollIntoView({ block: 'center' });
        this.#at('begin').focus({ preventScroll: true });
    }

    #end() {
        clearInterval(this.#clock);
        removeEventListener('deviceorientation', this.#heard);
        this.#at('at-work').hidden = true;
    }
}

const dress = (root) => {
    if ('DeviceOrientationEvent' in globalThis && isSecureContext && matchMedia('(pointer: coarse), (max-width: 45rem)').matches) {
        root.querySelectorAll('[data-phone-level]').forEach((box) => box.hidden && new PhoneLevel(box));
    }
};

document.addEventListener('DOMContentLoaded', () => dress(document));
document.addEventListener('htmx:afterSettle', (event) => dress(event.target));

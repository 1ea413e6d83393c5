// The phone as a level on a face or on a board: it fills the fields of the reading and says how far it can be trusted. Nothing is written down before somebody says so.
import { degrees, Hold, lean, ofThePost, rise, up } from './gravity.js';
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

/** Away from the face is toward the side that the face looks to. */
const side = (form, out) => (out > 0 ? chosen(form, 'face') : OPPOSITE[chosen(form, 'face')]);

/** What it lies on: what is read there, how it is held first and turned, what must be known before, which way it says, and the fields it fills. */
const ON = {
    face: {
        reads: lean,
        words: ['phone.first', 'phone.second', 'phone.plumb'],
        missing: (form) => (chosen(form, 'face') ? '' : 'phone.face_first'),
        parts: (form, names) => ({ face: names[chosen(form, 'face')] }),
        toward: (form, names, out) => say('phone.toward', { side: names[side(form, out)] }),
        fill: (form, out, figure, turned) => {
            choose(form, 'way', 'phone');
            choose(form, 'leans', figure === '' ? 'plumb' : side(form, out));
            form.querySelector('[name="gap"]').value = figure;
            form.querySelector('[name="turned_over"]').checked = turned;
        },
    },
    board: {
        reads: rise,
        words: ['phone.board_first', 'phone.board_second', 'phone.level'],
        missing: (form) => (form.querySelector('[name="over"]').value.trim() === '' ? 'phone.over_first' : ''),
        parts: () => ({}),
        toward: (form, names, out) => say(out > 0 ? 'phone.second_higher' : 'phone.first_higher'),
        fill: (form, out, figure, turned) => {
            form.querySelector('[name="instrument"]').value = 'phone';
            form.querySelector('[name="difference"]').value = figure || '0°';
            form.querySelector('[name="higher"]').value = out < 0 ? 'from' : 'to';
            form.querySelector('[name="turned"]').checked = turned;
        },
    },
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
    #on;
    #names;
    #hold = null;
    #now = null;
    #heard = (event) => { this.#now = typeof event.beta === 'number' && typeof event.gamma === 'number' ? up(event) : null; };
    #clock = null;
    #begun = 0;

    constructor(box) {
        this.#box = box;
        this.#form = box.closest('form');
        [this.#on, this.#names] = [ON[box.dataset.phoneLevel], JSON.parse(box.dataset.sides)];
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
        const missing = this.#on.missing(this.#form) || ((await isAllowed()) ? '' : 'phone.no_sensor');
        this.#at('says').textContent = missing === '' ? '' : say(missing);
        if (missing !== '') {
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
        this.#at('what').textContent = say(this.#on.words[this.#first === null ? 0 : 1], this.#on.parts(this.#form, this.#names));
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
            this.#at('what').textContent = say(told.is === 'askew' ? 'phone.askew' : 'phone.moving');
        } else if (told.is === 'still') {
            this.#ask();
        } else {
            this.#taken(told.lean);
        }
    }

    #toward(out) {
        return degrees(out) < 0.005 ? say(this.#on.words[2]) : this.#on.toward(this.#form, this.#names, out);
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
        this.#hold = new Hold(this.#on.reads);
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
        const rounded = degrees(post.out).toFixed(2);
        const figure = rounded === '0.00' ? '' : `${rounded}°`;
        this.#on.fill(this.#form, post.out, figure, second !== null);
        const { run, perRun, unit, digits } = this.#box.dataset;
        const over = (ratio) => `${Number((ratio * perRun).toFixed(Number(digits)))} ${unit}`;
        this.#at('says').textContent = [
            say('phone.taken', { what: figure === '' ? say(this.#on.words[2]) : `${figure}, ${this.#toward(post.out)}`, good: over(post.sigma), twice: over(2 * post.sigma), run }),
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

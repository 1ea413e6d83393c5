// Which way is down, as a phone feels it: how its long edge leans within the screen's plane, and whether it is held still. No page is touched here.

/** Standard deviation of one hold, and of two with the phone turned over between, rise over run. */
export const ONCE = 0.002;
export const TWICE = 0.001;

const STILL = 0.004;
const SECOND = 1_000;
const FEWEST = 10;
const SQUARE = 0.17;

const radians = (angle) => (angle * Math.PI) / 180;

/**
 * Where up is, seen from the phone: to its right edge, to its top, out of its screen. By the angles of the Device Orientation recommendation, which
 * browsers round to a tenth of a degree; what they tell of acceleration is rounded five times as roughly.
 */
export const up = ({ beta, gamma }) => ({
    x: -Math.cos(radians(beta)) * Math.sin(radians(gamma)), y: Math.sin(radians(beta)), z: Math.cos(radians(beta)) * Math.cos(radians(gamma)),
});

/** How far the top of the long edge leans toward the right edge of the screen, rise over run; what stands on its head or lies down has no lean. */
export const lean = ({ x, y }) => (y < 0.5 ? null : -x / y);

/** How the long edge rises along a board toward the top of the screen, either edge down; what stands upright or lies flat has no rise. */
export const rise = ({ x, y }) => (Math.abs(x) < 0.5 ? null : y / Math.abs(x));

/** Whether the screen stands square to the face, nearly enough for the edge to tell its lean. */
export const isSquare = ({ z }) => Math.abs(z) <= SQUARE;

/** Gathers what is felt until a whole second of it lies close together. */
export class Hold {
    #felt = [];
    #reads;

    /** @param {function} reads what is read: a lean, or a rise */
    constructor(reads = lean) {
        this.#reads = reads;
    }

    /** @returns {{lean: ?number, share: number, is: 'still' | 'moving' | 'askew' | 'taken'}} the mean of the second, and how much of it is there */
    feel(felt, at) {
        const now = this.#reads(felt);
        if (now === null || !isSquare(felt)) {
            this.#felt = [];

            return { lean: now, share: 0, is: 'askew' };
        }
        this.#felt = [...this.#felt.filter((one) => at - one.at <= SECOND), { lean: now, at }];
        const leans = this.#felt.map((one) => one.lean);
        const mean = leans.reduce((sum, one) => sum + one, 0) / leans.length;
        if (Math.max(...leans) - Math.min(...leans) > 2 * STILL) {
            this.#felt = [{ lean: now, at }];

            return { lean: now, share: 0, is: 'moving' };
        }
        const share = Math.min(1, (at - this.#felt[0].at) / (0.95 * SECOND));

        return { lean: mean, share, is: share === 1 && leans.length >= FEWEST ? 'taken' : 'still' };
    }
}

/**
 * How the post leans away from the face, or the board rises to its second end, toward whoever stands before it: with the left edge on the face the right edge points there, and with the
 * phone turned over the left one. What the sensor and the edge are out by counts once each way and falls out of the mean.
 *
 * @param {number} first with the left edge on the face
 * @param {?number} second with the right edge on it; null for one hold alone
 */
export function ofThePost(first, second = null) {
    return second === null
        ? { out: first, own: null, sigma: ONCE }
        : { out: (first - second) / 2, own: Math.abs(first + second) / 2, sigma: TWICE };
}

export const degrees = (ratio) => (Math.atan(Math.abs(ratio)) * 180) / Math.PI;

// What a phone feels, and what that says of the post it is held on.
import { expect, test } from 'vitest';
import { degrees, Hold, isSquare, lean, ofThePost, ONCE, rise, TWICE, up } from '../../resources/js/gravity.js';

const rad = (angle) => (angle * Math.PI) / 180;

/** What it feels whose long edge stands on a post that leans out by so many degrees; the edge and the sensor each out of true. */
function felt(out, { turned = false, edge = 0, bias = 0, askew = 0 } = {}) {
    // Away from the face is toward the right edge, or toward the left one where the phone is turned over.
    const tilt = rad((turned ? -out : out) - edge);
    const [x, y, z] = [-Math.sin(tilt) * Math.cos(rad(askew)) + bias, Math.cos(tilt) * Math.cos(rad(askew)), Math.sin(rad(askew))];

    return { x, y, z };
}

/** The angles that tell of it, rounded as browsers round them. */
const angles = ({ x, y, z }) => ({ beta: Math.round((Math.asin(y) * 1800) / Math.PI) / 10, gamma: Math.round((Math.atan2(-x, z) * 1800) / Math.PI) / 10 });

test('angles say where up is, to a tenth of a degree', () => {
    for (const [out, askew] of [[0, 0], [1, 0], [-1, 0], [0.4, 3], [-2.3, -4], [7, 8]]) {
        const [wanted, told] = [felt(out, { askew }), up(angles(felt(out, { askew })))];
        expect(Math.abs(degrees(lean(told)) * Math.sign(lean(told)) - degrees(lean(wanted)) * Math.sign(lean(wanted)))).toBeLessThan(0.11);
        expect(told.z).toBeCloseTo(wanted.z, 2);
    }
});

test('the top toward the right edge counts above zero', () => {
    expect(degrees(lean(felt(1)))).toBeCloseTo(1, 9);
    expect(lean(felt(1))).toBeGreaterThan(0);
    expect(lean(felt(-1))).toBeLessThan(0);
    expect(lean(felt(0))).toBeCloseTo(0, 12);
});

test('lying down or on its head it tells none', () => {
    expect(lean({ x: 0, y: 0.02, z: 1 })).toBeNull();
    expect(lean({ x: 0, y: -1, z: 0 })).toBeNull();
    expect(lean({ x: 1, y: 0.01, z: 0 })).toBeNull();
});

test('the screen must stand square to the face', () => {
    expect(isSquare(felt(1, { askew: 5 }))).toBe(true);
    expect(isSquare(felt(1, { askew: -9 }))).toBe(true);
    expect(isSquare(felt(1, { askew: 15 }))).toBe(false);
});

test('turned over, what the sensor and the edge are out by falls out', () => {
    for (const [out, edge, bias] of [[0.4, 0.3, 0.005], [-1.2, -0.2, 0.011], [0, 0.5, -0.008], [2, 0, 0]]) {
        const post = ofThePost(lean(felt(out, { edge, bias })), lean(felt(out, { edge, bias, turned: true })));
        expect(Math.sign(out) * degrees(post.out)).toBeCloseTo(out, 2);
        expect(out === 0 || post.out > 0 === out > 0).toBe(true);
        expect(post.sigma).toBe(TWICE);
        expect(post.own).toBeCloseTo(Math.abs(Math.tan(rad(edge)) + bias), 3);
    }
});

test('one hold keeps its error and says how much it may be', () => {
    const post = ofThePost(lean(felt(1, { edge: 0.3 })));
    expect(degrees(post.out)).toBeCloseTo(0.7, 6);
    expect([post.sigma, post.own]).toEqual([ONCE, null]);
});

test('a whole second held still is taken, with the mean of its trembling', () => {
    const hold = new Hold();
    let told;
    for (let at = 0; at <= 1_000; at += 50) {
        told = hold.feel(felt(1 + (at % 100 === 0 ? 0.1 : -0.1)), at);
        expect(told.is).toBe(at < 950 ? 'still' : 'taken');
    }
    expect(degrees(told.lean)).toBeCloseTo(1, 1);
});

test('whoever moves begins the second again, and a few lone readings are no second', () => {
    const hold = new Hold();
    for (let at = 0; at < 900; at += 50) {
        hold.feel(felt(1), at);
    }
    expect(hold.feel(felt(3), 900).is).toBe('moving');
    expect(hold.feel(felt(3), 950).is).toBe('still');
    expect(hold.feel(felt(3), 1_500).is).toBe('still');
    const slow = new Hold();
    expect([0, 400, 800, 960].map((at) => slow.feel(felt(1), at).is)).toEqual(['still', 'still', 'still', 'still']);
    expect(hold.feel(felt(3, { askew: 20 }), 1_600)).toMatchObject({ is: 'askew', share: 0 });
});

/** Along a board that rises by so many degrees toward its second end: the left edge down, the top toward that end or turned toward the first. */
function along(rises, { turned = false, edge = 0, bias = 0 } = {}) {
    const slope = rad((turned ? -rises : rises) + edge);

    return { x: Math.cos(slope), y: Math.sin(slope) + bias, z: 0 };
}

test('along a board it reads the rise toward its top, whichever edge is down', () => {
    expect(degrees(rise(along(1)))).toBeCloseTo(1, 9);
    expect(rise(along(-1))).toBeLessThan(0);
    expect(rise({ ...along(1), x: -along(1).x })).toBeCloseTo(rise(along(1)), 12);
    expect(rise({ x: 0.1, y: 0.99, z: 0 })).toBeNull();
});

test('turned end for end on the board its own error falls out', () => {
    for (const [rises, edge, bias] of [[0.7, 0.2, 0.004], [-1.1, -0.3, 0.01]]) {
        const board = ofThePost(rise(along(rises, { edge, bias })), rise(along(rises, { edge, bias, turned: true })));
        expect(degrees(board.out) * Math.sign(board.out)).toBeCloseTo(rises, 2);
    }
});

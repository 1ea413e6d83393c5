// A picture is made small before it is sent, and says how far the sending is. Without scripts the server makes it small.
import { say } from './say.js';

const LONGEST = 1600;
const QUALITY = 0.82;
const kilobytes = (bytes) => Math.max(1, Math.round(bytes / 1000));

async function shrink(file) {
    const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(image.width * scale), Math.round(image.height * scale)];
    const paper = canvas.getContext('2d');
    paper.fillStyle = '#fff';
    paper.fillRect(0, 0, canvas.width, canvas.height);
    paper.drawImage(image, 0, 0, canvas.width, canvas.height);
    return new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
}

document.addEventListener('change', async (event) => {
    const field = event.target;
    if (!field.matches?.('[data-picture] input[type="file"]') || field.files.length === 0) {
        return;
    }
    const says = field.closest('form').querySelector('[data-picture-says]');
    const file = field.files[0];
    try {
        const small = await shrink(file);
        if (small !== null && small.size < file.size && field.files[0] === file) {
            const chosen = new DataTransfer();
            chosen.items.add(new File([small], 'picture.jpg', { type: 'image/jpeg' }));
            field.files = chosen.files;
            says.textContent = say('picture.made_small', { before: kilobytes(file.size), after: kilobytes(small.size) });
        }
    } catch {
        // Not a picture this browser can read: the server looks at it as it is.
        says.textContent = '';
    }
});

document.addEventListener('htmx:xhr:progress', (event) => {
    const bar = event.target.closest?.('[data-picture]')?.querySelector('progress');
    if (bar && event.detail.lengthComputable) {
        bar.hidden = false;
        bar.value = (event.detail.loaded / event.detail.total) * 100;
    }
});

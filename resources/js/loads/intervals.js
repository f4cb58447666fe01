// Utility data on its way to the server.
import { reason, sendFile } from '../shared/send-file.js';

document.addEventListener('submit', (event) => {
    if (!event.target.matches('form[data-upload="intervals"]')) return;
    event.preventDefault();
    intervals(event.target);
});

/** Interval data: the file goes up with its progress shown; the reading of it is a run, which its page shows. */
async function intervals(form) {
    const line = form.querySelector('.progress-line');
    const bar = line.querySelector('progress');
    const words = line.querySelector('output');
    const place = form.querySelector('[data-error="file"]');
    const button = form.querySelector('button');
    place.textContent = '';
    line.hidden = false;
    button.disabled = true;
    try {
        const answer = await sendFile(form.action, new FormData(form), (share) => {
            bar.value = share;
            words.textContent = `Sending ${Math.round(100 * share)} %`;
        });
        if (answer.status === 200) return location.assign(JSON.parse(answer.text).to);
        place.textContent = answer.status === 413 ? 'The file is larger than 120 MB.' : reason(answer, { name: 'The file' });
    } catch {
        place.textContent = 'No answer from the server. Nothing was changed; try again.';
    }
    line.hidden = true;
    button.disabled = false;
}

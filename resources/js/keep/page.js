// A chosen kind shows the fields that belong to it; the others stay out of the way, and go along empty.
import { formId } from '../shared/form-id.js';

function fit() {
    const form = document.getElementById('entry-form');
    if (!form) return;
    form.querySelectorAll('[data-for]').forEach((field) => {
        field.hidden = !field.dataset.for.split(' ').includes(form.elements.kind.value);
    });
}

document.addEventListener('change', (event) => { if (formId(event.target.form) === 'entry-form') fit(); });
new MutationObserver(fit).observe(document.getElementById('page'), { childList: true, subtree: true });
fit();

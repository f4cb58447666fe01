// Brings an element to its new state by changing only what differs, so that focus, folds, scroll and what
// is being typed survive.
import { Idiomorph } from 'idiomorph';
import { formId } from './form-id.js';

export function morph(old, fresh, sent) {
    // Another circuit's forms are other forms, though their fields are called the same.
    if ((old.dataset.at ?? '') !== (fresh.dataset.at ?? '')) {
        old.replaceWith(fresh);
        return;
    }
    // Asked once, before anything changes: half way through, a field whose attribute is new already looks as if it were typed into.
    const typed = new Set([old, ...old.querySelectorAll('*')].filter((node) => isBeingTyped(node, sent)));
    Idiomorph.morph(old, fresh, {
        morphStyle: 'outerHTML',
        callbacks: {
            beforeAttributeUpdated(name, node) {
                if (name === 'open' && node.tagName === 'DETAILS') return false;
                return !(typed.has(node) && ['value', 'checked'].includes(name));
            },
        },
    });
}

/** Somebody has typed into it what was not sent yet. */
function isBeingTyped(field, sent) {
    if (!['INPUT', 'TEXTAREA'].includes(field.tagName) || field.type === 'hidden') return false;
    const isTouched = field.type === 'checkbox' ? field.checked !== field.defaultChecked : field.value !== field.defaultValue;
    const wasSent = sent && formId(field.form) === sent.id && sent.data.get(field.name) === field.value;
    return isTouched && !wasSent;
}

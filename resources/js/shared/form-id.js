/** The id of a form, asked by attribute: a field that is called "id" would answer in its place. */
export function formId(form) {
    return form?.getAttribute('id') ?? '';
}

// One file on its way, with its progress.

/** A request with progress, which fetch does not tell. */
export function sendFile(url, data, progress) {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        request.open('POST', url);
        request.setRequestHeader('X-Parts', '1');
        request.setRequestHeader('X-Requested-With', 'XMLHttpRequest');
        request.setRequestHeader('Accept', 'application/json, text/html');
        request.upload.onprogress = (event) => { if (event.lengthComputable) progress(event.loaded / event.total); };
        request.onload = () => resolve({ status: request.status, text: request.responseText, url: request.responseURL });
        request.onerror = reject;
        request.onabort = reject;
        request.send(data);
    });
}

/** Why it was not taken, in the server's words. */
export function reason(answer, file) {
    if (answer.status === 429) return `${file.name}: not added, too many at once. Choose it again in a minute.`;
    if (answer.status === 413) return `${file.name}: not added, it is too large.`;
    try {
        return Object.values(JSON.parse(answer.text).errors).flat().join(' ');
    } catch {
        return `${file.name}: not added.`;
    }
}

// Long work on the page that shows it: how far it is, until it is over.
const EVERY_MS = 400;

document.querySelectorAll('[data-run]').forEach(watch);

async function watch(section) {
    const bar = section.querySelector('progress');
    const words = section.querySelector('output');
    for (;;) {
        await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
        const run = await state(section.dataset.run);
        if (!section.isConnected) return;
        if (run === null) {
            words.textContent = 'The server does not answer. It goes on by itself.';
            continue;
        }
        if (run.over) return location.assign(run.to ?? location.href);
        if (run.share === null) bar.removeAttribute('value'); else bar.value = run.share;
        words.textContent = run.said || 'Waiting for its turn';
    }
}

async function state(url) {
    try {
        const answer = await fetch(url, { headers: { Accept: 'application/json' } });
        return answer.ok ? await answer.json() : null;
    } catch {
        return null;
    }
}

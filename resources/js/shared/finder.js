// Find anything: results come from the server as links; arrows pick one.
export function finder() {
    let asked = 0;
    return {
        async search(event) {
            const mine = ++asked;
            const text = event.target.value.trim();
            const found = document.getElementById('found');
            if (text === '') { found.innerHTML = ''; return; }
            const response = await fetch(`/find?q=${encodeURIComponent(text)}&job=${document.body.dataset.job ?? ''}`);
            if (response.ok && mine === asked) found.innerHTML = await response.text();
        },
        pick(event) {
            const links = [...document.querySelectorAll('#found a')];
            const on = links.findIndex((link) => link.classList.contains('is-on'));
            if (event.key === 'Enter') {
                event.preventDefault();
                (links[on] ?? links[0])?.click();
            } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
                event.preventDefault();
                links[on]?.classList.remove('is-on');
                const step = event.key === 'ArrowDown' ? 1 : links.length - (on < 0 ? 0 : 1);
                links[(on + step) % links.length]?.classList.add('is-on');
            }
        },
    };
}

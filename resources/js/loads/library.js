// Typical loads by a few letters.
export function library() {
    let asked = 0;
    return {
        async search(event) {
            const mine = ++asked;
            const url = new URL(this.$root.dataset.url, location.href);
            url.searchParams.set('q', event.target.value.trim());
            const response = await fetch(url);
            if (response.ok && mine === asked) document.getElementById('library-found').innerHTML = await response.text();
        },
    };
}

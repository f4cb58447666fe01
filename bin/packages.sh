# What the app needs on this machine: Debian packages, Composer packages, built assets.
# Each is skipped when it is already there, so a second start takes seconds.

LOGS="$ROOT/storage/stack/setup"

# missing_packages serve|test   prints the Debian packages that are not there yet
missing_packages() {
    local purpose=$1 modules need=()
    command -v php8.2 >/dev/null || need+=(php8.2-cli)
    modules=$(php -m 2>/dev/null || true)
    local extension
    for extension in mbstring intl gd zip curl bcmath xml:dom mysql:pdo_mysql opcache:"Zend OPcache"; do
        grep -qix "${extension#*:}" <<<"$modules" || need+=("php8.2-${extension%%:*}")
    done
    command -v php-fpm8.2 >/dev/null || need+=(php8.2-fpm)
    command -v nginx >/dev/null || need+=(nginx)
    command -v mariadbd >/dev/null || need+=(mariadb-server)
    command -v composer >/dev/null || need+=(composer)
    command -v node >/dev/null || need+=(nodejs)
    command -v npm >/dev/null || need+=(npm)
    if [ "$purpose" = test ]; then
        command -v chromium >/dev/null || need+=(chromium)
        command -v chromedriver >/dev/null || need+=(chromium-driver)
        command -v pdftotext >/dev/null || need+=(poppler-utils)
    fi
    printf '%s\n' "${need[@]:-}"
}

# In a shell of its own: what it makes is everybody's.
apt_install() (
    local as_root=("$@")
    umask 022
    export DEBIAN_FRONTEND=noninteractive
    "${as_root[@]}" apt-get update -q
    # shellcheck disable=SC2086
    "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends $PACKAGES
)

install_packages() {
    PACKAGES=$(missing_packages "$1" | tr '\n' ' ' | xargs)
    if [ -n "$PACKAGES" ]; then
        local as_root=()
        if [ "$(id -u)" -ne 0 ]; then
            command -v sudo >/dev/null && { [ -t 0 ] && sudo -v || sudo -n true 2>/dev/null; } ||
                fail "these Debian packages are missing and you may not install them here. Ask an administrator for: apt-get install $PACKAGES"
            as_root=(sudo)
        fi
        command -v apt-get >/dev/null || fail "this is not a Debian machine. Install the like of: $PACKAGES"
        step "Installing Debian packages: $PACKAGES" "$LOGS/apt.log" apt_install "${as_root[@]:-env}"
    fi
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 22 || (a === 22 && b >= 12) || (a === 20 && b >= 19) ? 0 : 1)' ||
        fail "Node.js $(node --version) is too old to build the assets: 20.19 or later of 20, or 22.12 and up, is needed."
}

# up_to_date STAMP FILES…   true when nothing among FILES changed since the stamp was written
fingerprint() { find "$@" -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum; }
up_to_date() { [ -f "$1" ] && [ "$(cat "$1")" = "$(fingerprint "${@:2}")" ]; }

# What everybody may read: the servers have users of their own.
readable() (
    umask 022
    "$@"
)

install_composer() {
    local stamp="$ROOT/vendor/.underpin-stamp"
    [ -f vendor/autoload.php ] && up_to_date "$stamp" composer.json && return
    step "Installing Composer packages" "$LOGS/composer.log" readable composer update --no-progress --prefer-dist
    fingerprint composer.json >"$stamp"
}

install_assets() {
    local packages="$ROOT/node_modules/.underpin-stamp" built="$ROOT/public/build/.underpin-stamp"
    if ! up_to_date "$packages" package.json package-lock.json; then
        step "Installing npm packages" "$LOGS/npm.log" readable npm ci --ignore-scripts
        fingerprint package.json package-lock.json >"$packages"
    fi
    local sources=(package-lock.json vite.config.js resources/css resources/js)
    if ! up_to_date "$built" "${sources[@]}"; then
        step "Building styles and scripts" "$LOGS/build.log" readable npm run build
        fingerprint "${sources[@]}" >"$built"
    fi
}

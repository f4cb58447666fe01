# Backup and restore of one installation (see stack.sh). A backup is a .tar.gz with
#   format          what this is, and of which form
#   database.sql    the database as it was at one moment
#   files/          photos and utility data, by the hash of what is in them
#   uploads/        what waits in the queue to be read
#   key             what cookies and secrets in the database are sealed with
#   digest.json     what is in it, by job (php artisan underpin:digest): what a restore is held against
#   sums            sha256 of all these

BACKUP_FORMAT='underpin backup 1'

# A name of a file as the one who called us means it.
whole_path() {
    case "$1" in
        /*) printf '%s' "$1" ;;
        *) printf '%s' "${CALLED_FROM:-$PWD}/$1" ;;
    esac
}

# Runs a command with MariaDB up, and leaves it as it was.
with_database() {
    if alive mariadb; then
        "$@"
        return
    fi
    stack_up 8470
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" # they name the ports of the last start
    "$@"
    stack_down >/dev/null
}

TO_CLEAN=()
clean_at_exit() {
    TO_CLEAN+=("$1")
    trap 'rm -rf "${TO_CLEAN[@]}"' EXIT
}

# The app looks into a copy as the user that it runs as.
for_the_app() { [ "$(id -u)" -ne 0 ] || chown -R "$APP_USER:$APP_USER" "$1"; }

digest() { artisan underpin:digest "$@"; }

load_copy() {
    mariadb_admin -e 'drop database if exists underpin_copy' && mariadb_grant && mariadb_admin --sandbox underpin_copy <"$1/database.sql"
}

backup_to() {
    local file
    file=$(whole_path "$1")
    [ ! -e "$file" ] || fail "'$file' is there already: a backup is never written over. Nothing was changed."
    [ -d "$(dirname "$file")" ] && [ -w "$(dirname "$file")" ] || fail "The folder of '$file' is not there, or cannot be written to."
    [ -d "$STACK/mariadb/mysql" ] || fail "There is nothing here to back up: ./underpin start has not been run."
    with_database backup_written "$file"
    local jobs files
    jobs=$(grep -c '^        "job ' <<<"$COPIED" || true)
    files=$(grep -cE '^        "[0-9a-f]{64}"' <<<"$COPIED" || true)
    say "Backup  $file  ($(du -h "$file" | cut -f1); $jobs jobs, $files files that they name)"
}

backup_written() {
    local file=$1 copy
    copy=$(mktemp -d "$STACK/backup.XXXXXX")
    clean_at_exit "$copy"
    # Work that ends while we copy takes its upload away: then once more.
    step "Copying database, photos and uploads" "$STACK/log/backup.log" up_to_three_times copy_made "$copy"
    COPIED=$(cat "$copy/digest.json")
    step "Writing $file" "$STACK/log/backup-write.log" archive_written "$copy" "$file"
    mariadb_admin -e 'drop database underpin_copy'
    rm -rf "$copy"
}

up_to_three_times() { "$@" || "$@" || "$@"; }

# The database first: files are on the disk before a row names them.
copy_made() {
    local copy=$1
    rm -rf "${copy:?}"/*
    mkdir -p "$copy/files" "$copy/uploads"
    printf '%s\n' "$BACKUP_FORMAT" >"$copy/format"
    (umask 077; env_value APP_KEY >"$copy/key")
    (cd "$STACK/mariadb" && mariadb-dump --no-defaults --socket=admin.sock --user="$(id -un)" \
        --single-transaction --quick --hex-blob --skip-comments \
        --ignore-table-data=underpin.sessions underpin) >"$copy/database.sql" || return 1
    # Linked, not copied: nothing is ever written into a file that has its name.
    cp -al "$ROOT/storage/app/private/files/." "$copy/files/" 2>/dev/null || true
    cp -a "$ROOT/storage/app/private/uploads/." "$copy/uploads/" 2>/dev/null || true
    find "$copy/files" -name '*.part' -delete
    for_the_app "$copy"
    load_copy "$copy" && digest underpin_copy "$copy" >"$copy/digest.json" || return 1
    (cd "$copy" && find . -type f ! -name sums -print0 | sort -z | xargs -0 sha256sum >sums)
}

archive_written() {
    local copy=$1 file=$2
    (umask 077; tar -czf "$file.part" -C "$copy" .) && sync "$file.part" && tar -tzf "$file.part" >/dev/null &&
        mv -n "$file.part" "$file" && return
    rm -f "$file.part"
    return 1
}

restore_from() {
    local file=$1 copy before=''
    copy=$(mktemp -d "$STACK/restore.XXXXXX")
    clean_at_exit "$copy"
    step "Reading $file" "$STACK/log/restore-read.log" archive_read "$file" "$copy"
    if [ -d "$STACK/mariadb/mysql" ]; then
        before="$STACK/before-restore-$(date +%Y%m%d-%H%M%S).tar.gz"
        backup_to "$before"
    fi
    stack_down
    stack_up 8470
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    step "Loading it beside what is here" "$STACK/log/restore-load.log" load_copy "$copy"
    step "Checking that it is the same" "$STACK/log/restore-check.log" same_as_told "$copy" "$copy"
    step "Putting its photos in place" "$STACK/log/restore-files.log" files_in_place "$copy"
    step "Checking these" "$STACK/log/restore-check.log" same_as_told "$copy" "$ROOT/storage/app/private"
    step "Putting its jobs in place" "$STACK/log/restore-swap.log" copy_in_place
    env_write APP_KEY "$(cat "$copy/key")"
    touch "$STACK/demo-loaded"
    stack_down >/dev/null
    rm -rf "$copy"
    say "Restored from $file. Start it with ./underpin start"
    [ -z "$before" ] || say "What was here before is in $before"
}

archive_read() {
    local file=$1 copy=$2
    tar -xzf "$file" -C "$copy" --no-same-owner || return 1
    for_the_app "$copy"
    if [ "$(cat "$copy/format" 2>/dev/null)" != "$BACKUP_FORMAT" ]; then
        say "This is not a backup of Underpin, or of a later form than this version reads."
        return 1
    fi
    if [ -n "$(find "$copy" -mindepth 1 ! -type f ! -type d)" ]; then
        say "There are links or devices in it, which no backup has."
        return 1
    fi
    (cd "$copy" && sha256sum --quiet --strict -c sums)
}

same_as_told() { digest underpin_copy "$2" >"$1/found.json" && diff "$1/digest.json" "$1/found.json"; }

files_in_place() {
    local kept="$ROOT/storage/app/private"
    mkdir -p "$kept/files" "$kept/uploads"
    cp -an "$1/files/." "$kept/files/" && cp -an "$1/uploads/." "$kept/uploads/" && sync -f "$kept"
}

# All tables change places in one statement: there is no moment with half of them.
copy_in_place() {
    local moves
    mariadb_admin -e 'drop database if exists underpin_before; create database underpin_before' || return 1
    moves=$(tables_of underpin underpin_before && tables_of underpin_copy underpin) || return 1
    mariadb_admin -e "rename table $(paste -sd, <<<"$moves")" || return 1
    mariadb_admin -e 'drop database underpin_before; drop database underpin_copy'
}

tables_of() {
    mariadb_admin -N -e "select concat('$1.\`', table_name, '\` to $2.\`', table_name, '\`')
        from information_schema.tables where table_schema = '$1'"
}

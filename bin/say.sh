# Talking to the person at the terminal, and one step at a time with its own log.

say() { printf '%s\n' "$*"; }

fail() {
    printf 'underpin: %s\n' "$*" >&2
    exit 1
}

# step "What happens" LOGFILE command…   runs quietly; on failure shows the end of its log.
step() {
    local what=$1 log=$2 began=$SECONDS
    shift 2
    mkdir -p "$(dirname "$log")"
    printf '· %s … ' "$what"
    if "$@" >"$log" 2>&1 </dev/null; then
        printf 'done (%d s)\n' $((SECONDS - began))
        return 0
    fi
    printf 'failed\n'
    tail -n 15 "$log" >&2
    fail "$what failed. The whole log is in $log"
}

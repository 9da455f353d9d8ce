# Paths of this instance and how it speaks. STEADY_VAR lets a second instance (the tests') live beside the first.
export STEADY_VAR="${STEADY_VAR:-$ROOT/var}"
RUN="$STEADY_VAR/run"
LOG="$STEADY_VAR/log"
STAMPS="$ROOT/var/stamps"
PATH="$PATH:/usr/sbin:/sbin"
CACHE="$STEADY_VAR/cache"
# An instance is what its own files say, whatever else stands in the caller's environment.
unset $(compgen -e | grep -E '^(APP|DB|SESSION|CACHE|LOG|RECORDS|QUEUE|BCRYPT|SANCTUM|SCALE)_' || true)
mkdir -p "$RUN" "$LOG" "$STAMPS" "$CACHE" "$STEADY_VAR/storage/framework/views" "$STEADY_VAR/storage/logs"

say() { printf '%s\n' "$*"; }

die() { # exit code, text
    local code="$1"
    shift
    printf '%s\n' "$*" >&2
    exit "$code"
}

# Runs a long command with its output in a log (it keeps the lock, should this shell be killed), showing the seconds that pass and, if it fails, the end of the log.
step() { # name, command…
    local name="$1" log began=$SECONDS pid code=0
    shift
    log="$LOG/$(tr -cs 'a-zA-Z0-9' '-' < <(printf %s "$name")).log"
    "$@" >"$log" 2>&1 &
    pid=$!
    while kill -0 "$pid" 2>/dev/null; do
        [ -t 1 ] && printf '\r… %s (%d s) %s\e[K' "$name" $((SECONDS - began)) "$(tail -c 300 "$log" 2>/dev/null | tr '\r' '\n' | tail -n 1 | tr -cd '[:print:]' | cut -c1-60)"
        if [ ! -t 1 ] && [ $((SECONDS - began)) -gt 0 ] && [ $(((SECONDS - began) % 20)) -eq 0 ]; then
            say "… $name ($((SECONDS - began)) s)"
            sleep 0.8
        fi
        sleep 0.2
    done
    wait "$pid" || code=$?
    [ -t 1 ] && printf '\r\e[K'
    if [ "$code" -ne 0 ]; then
        tail -n 25 "$log" >&2
        die 1 "✗ $name failed (the whole log: $log)"
    fi
    say "✓ $name ($((SECONDS - began)) s)"
}

# The tests start their instance anew from within, so they hand the lock on.
one_at_a_time() {
    [ -z "${STEADY_LOCKED:-}" ] || return 0
    exec 9>"$STEADY_VAR/lock"
    flock -w 600 9 || die 1 "Another bin/steady is still at work here."
    export STEADY_LOCKED=yes
}

# A stamp says that a step was done for inputs of this sum; it is written last, so an interrupted step is done again.
is_current() { [ "$(cat "$STAMPS/$1" 2>/dev/null)" = "$2" ]; }
mark_current() { printf '%s' "$2" >"$STAMPS/$1.new" && mv "$STAMPS/$1.new" "$STAMPS/$1"; }

sum_of() { # files and folders
    (cd "$ROOT" && { find "$@" -type f -print0 2>/dev/null || true; } | LC_ALL=C sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1)
}

# The user that serves the application: never root, if anybody else can read this folder.
app_user() {
    if [ "$(id -u)" -ne 0 ]; then
        id -un
    elif runuser -u www-data -- test -r "$ROOT/artisan" 2>/dev/null && runuser -u www-data -- test -x "$STEADY_VAR" 2>/dev/null; then
        echo www-data
    else
        echo root
    fi
}

as_app_user() {
    if [ "$(app_user)" = "$(id -un)" ]; then "$@"; else runuser -u "$(app_user)" -- env STEADY_VAR="$STEADY_VAR" "$@"; fi
}

# What the application writes is its user's, and nobody else's to read.
hand_over() {
    local user
    user="$(app_user)"
    touch "$LOG"/{nginx,fpm,php,scale,worker}.log # here before a program makes them readable for all
    [ "$(id -u)" -ne 0 ] || chown -R "$user" "$RUN" "$LOG" "$CACHE" "$STEADY_VAR/storage"
    chmod 700 "$LOG" "$STEADY_VAR/storage/logs"
    find "$LOG" "$STEADY_VAR/storage/logs" -type f -exec chmod 600 {} +
    [ "$user" != root ] || [ "$(id -u)" -ne 0 ] || say "Warning: www-data cannot read $ROOT, so the application runs as root. Move it to a folder others can read."
}

# Logs that no program turns over by itself are turned over here, while nobody writes them; three are kept.
turn_logs_over() {
    local file
    for file in "$LOG"/*.log; do
        [ -f "$file" ] && [ "$(stat -c %s "$file")" -gt 1000000 ] || continue
        [ ! -f "$file.1" ] || mv "$file.1" "$file.2"
        mv "$file" "$file.1"
    done
}

# A process is known by its number, the tick it was started at and the boot it was started in: numbers come again.
stamp_of() { # pid
    printf '%s %s %s' "$1" "$(sed 's/.*) //' "/proc/$1/stat" 2>/dev/null | cut -d' ' -f20)" "$(cat /proc/sys/kernel/random/boot_id)"
}

own() { # pid file: what it names is ours
    stamp_of "$(cat "$1")" >"$1.own"
}

# Whether the process of a pid file lives (a zombie does not) and is the one that was started from here.
pid_lives() { # pid file
    local pid
    pid="$(cat "$1" 2>/dev/null)" || return 1
    [[ "$pid" =~ ^[0-9]+$ ]] || return 1
    [ "$(sed 's/.*) //; s/ .*//' "/proc/$pid/stat" 2>/dev/null)" != Z ] || return 1
    [ -d "/proc/$pid" ] && [ "$(cat "$1.own" 2>/dev/null)" = "$(stamp_of "$pid")" ]
}

# What is left of a server whose master was killed: processes of this name in its group that hold a log of ours open.
end_orphans() { # pid file, process name
    local group pid
    group="$(cat "$1" 2>/dev/null)" || return 0
    [[ "$group" =~ ^[0-9]+$ ]] || return 0
    for pid in $(pgrep -g "$group" -x "$2"); do
        if find "/proc/$pid/fd" -lname "$LOG/*" 2>/dev/null | grep -q .; then kill -KILL "$pid" 2>/dev/null || true; fi
    done
}

port_taken() { ! php -r 'exit(@stream_socket_server("tcp://127.0.0.1:$argv[1]") ? 0 : 1);' "$1"; }

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'
}

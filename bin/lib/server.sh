# nginx and php-fpm of this instance's own; configuration and pid files stand under its run folder.

# Unix sockets allow 107 characters; a deep folder gets a short name elsewhere.
fpm_sockets() {
    if [ ${#RUN} -gt 85 ]; then
        local short
        short="/tmp/steady-$(id -u)-$(sha256sum <<<"$STEADY_VAR" | cut -c1-12)"
        mkdir -p -m 700 "$short"
        [ -O "$short" ] || [ "$(stat -c %U "$short")" = "$(app_user)" ] || die 1 "$short belongs to somebody else."
        [ "$(id -u)" -ne 0 ] || chown "$(app_user)" "$short"
        echo "$short"
    else
        echo "$RUN"
    fi
}

fill() { # template, target, port
    local owner="" user
    user="$(app_user)"
    [ "$user" != root ] || owner="user root;"
    sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$RUN|g; s|@LOG@|$LOG|g; s|@VAR@|$STEADY_VAR|g; s|@CACHE@|$CACHE|g; s|@PORT@|$3|g; s|@SOCKETS@|$(fpm_sockets)|g; s|@NGINX_USER@|$owner|g; s|@USER@|$user|g" \
        -e "s|@FPM_USER@|$([ "$user" != root ] || printf 'user = root\\ngroup = root')|g" "$ROOT/bin/server/$1" >"$2.new"
    cmp -s "$2.new" "$2" && rm "$2.new" || mv "$2.new" "$2"
}

server_answers() { curl -fsS -m 5 "http://127.0.0.1:${1:-$(cat "$RUN/port" 2>/dev/null)}/api/v1/health" 2>/dev/null | grep -q '"steady-rung"'; }

# Configuration, routes and what is loaded beforehand, for this instance and this state of the code.
cache_code() {
    local sum
    sum="$(sum_of app core config routes bootstrap/app.php public/index.php public/pulse.php bin/server database/seeders composer.json "$STEADY_VAR/.env" | sha256sum | cut -c1-64)"
    [ "$(cat "$CACHE/sum" 2>/dev/null)" != "$sum" ] || return 0
    stop_server
    rm -f "$CACHE"/*
    (umask 077 && step "Preparing the code" write_cache) || exit 1
    printf %s "$sum" >"$CACHE/sum"
}

write_cache() {
    cached php "$ROOT/artisan" config:cache && cached php "$ROOT/artisan" route:cache && cached php "$ROOT/artisan" event:cache && cached php "$ROOT/bin/server/loaded.php" >"$CACHE/loaded.new" && mv "$CACHE/loaded.new" "$CACHE/loaded"
}

cached() {
    env APP_CONFIG_CACHE="$CACHE/config.php" APP_ROUTES_CACHE="$CACHE/routes.php" APP_EVENTS_CACHE="$CACHE/events.php" LOG_CHANNEL=kept "$@"
}

start_fpm() {
    pid_lives "$RUN/fpm.pid" && return
    end_orphans "$RUN/fpm.pid" php-fpm8.2
    rm -f "$(fpm_sockets)"/fpm-*.sock
    as_app_user php-fpm8.2 $([ "$(app_user)" = root ] && echo -R) -c "$RUN/php.ini" -y "$RUN/fpm.conf" 9>&- || die 1 "php-fpm did not start; see $LOG/fpm.log"
    await_pid "$RUN/fpm.pid"
    own "$RUN/fpm.pid"
}

start_nginx() {
    pid_lives "$RUN/nginx.pid" && return
    end_orphans "$RUN/nginx.pid" nginx
    as_app_user nginx -p "$RUN" -c "$RUN/nginx.conf" -e "$LOG/nginx.log" 9>&- || die 1 "nginx did not start; see $LOG/nginx.log. If port $1 is taken: bin/steady start --port $(($1 + 1))"
    await_pid "$RUN/nginx.pid"
    own "$RUN/nginx.pid"
}

await_pid() { # pid file
    local try
    for try in $(seq 1 600); do
        [ -s "$1" ] && return
        sleep 0.1
    done
}

# A port that somebody else holds is told of before anything that runs is touched.
refuse_taken_port() { # port
    if [ "$(cat "$RUN/port" 2>/dev/null)" = "$1" ]; then
        ! pid_lives "$RUN/nginx.pid" || return 0
        end_orphans "$RUN/nginx.pid" nginx # what a killed master left behind holds the port, and is ours
    fi
    ! port_taken "$1" || die 1 "Port $1 is taken; nothing was changed. Try: bin/steady start --port $(($1 + 1))"
}

start_server() { # port
    local try file
    if [ "$(cat "$RUN/port" 2>/dev/null)" != "$1" ]; then
        stop_server
    fi
    for file in fpm.conf pool.conf php.ini nginx.conf fastcgi.conf; do
        fill "$file" "$RUN/$file" "$1"
    done
    cache_code
    pid_lives "$RUN/nginx.pid" || turn_logs_over
    hand_over
    start_fpm
    start_nginx "$1"
    printf '%s' "$1" >"$RUN/port"
    for try in $(seq 1 600); do
        server_answers "$1" && return
        sleep 0.2
    done
    die 1 "The server does not answer on port $1; see the logs in $LOG"
}

stop_server() {
    local name
    for name in nginx fpm; do
        if pid_lives "$RUN/$name.pid"; then
            kill -QUIT "$(cat "$RUN/$name.pid")" 2>/dev/null || true
            for _ in $(seq 1 50); do
                pid_lives "$RUN/$name.pid" || break
                sleep 0.1
            done
        fi
    done
    end_orphans "$RUN/nginx.pid" nginx
    end_orphans "$RUN/fpm.pid" php-fpm8.2
    rm -f "$RUN"/{nginx,fpm}.pid{,.own} "$RUN/port"
}

# nginx and php-fpm of this instance's own; configuration and pid files stand under its run folder.

# Unix sockets allow 107 characters; a deep folder gets a short name elsewhere.
fpm_socket() {
    local socket="$RUN/fpm.sock"
    if [ ${#socket} -gt 100 ]; then
        local short
        short="/tmp/steady-$(id -u)-$(sha256sum <<<"$STEADY_VAR" | cut -c1-12)"
        mkdir -p -m 700 "$short"
        [ -O "$short" ] || die 1 "$short belongs to somebody else."
        socket="$short/fpm.sock"
    fi
    echo "$socket"
}

fill() { # template, target, port
    local owner="" group=""
    if [ "$(id -u)" -eq 0 ]; then
        owner="user root;"
        group="user = root"$'\n'"group = root"
    fi
    sed -e "s|@ROOT@|$ROOT|g; s|@RUN@|$RUN|g; s|@LOG@|$LOG|g; s|@VAR@|$STEADY_VAR|g; s|@PORT@|$3|g; s|@SOCKET@|$(fpm_socket)|g; s|@NGINX_USER@|$owner|g" \
        -e "s|@FPM_USER@|${group//$'\n'/\\n}|g" "$ROOT/bin/server/$1" >"$2.new"
    cmp -s "$2.new" "$2" && rm "$2.new" || mv "$2.new" "$2"
}

server_answers() { curl -fsS -m 5 "http://127.0.0.1:${1:-$(cat "$RUN/port" 2>/dev/null)}/api/health" 2>/dev/null | grep -q '"steady-rung"'; }

start_fpm() {
    pid_lives "$RUN/fpm.pid" && return
    end_orphans "$RUN/fpm.pid" php-fpm8.2
    rm -f "$(fpm_socket)"
    php-fpm8.2 $([ "$(id -u)" -eq 0 ] && echo -R) -d opcache.memory_consumption=128 -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000 \
        -d opcache.revalidate_freq=2 -d pcov.enabled=0 -y "$RUN/fpm.conf" 9>&- || die 1 "php-fpm did not start; see $LOG/fpm.log"
}

start_nginx() {
    pid_lives "$RUN/nginx.pid" && return
    end_orphans "$RUN/nginx.pid" nginx
    nginx -p "$RUN" -c "$RUN/nginx.conf" -e "$LOG/nginx.log" 9>&- || die 1 "nginx did not start; see $LOG/nginx.log. If port $1 is taken: bin/steady start --port $(($1 + 1))"
}

start_server() { # port
    local try
    if [ "$(cat "$RUN/port" 2>/dev/null)" != "$1" ]; then
        stop_server
    fi
    fill fpm.conf "$RUN/fpm.conf" "$1"
    fill nginx.conf "$RUN/nginx.conf" "$1"
    fill php.ini "$RUN/php.ini" "$1"
    start_fpm
    start_nginx "$1"
    printf '%s' "$1" >"$RUN/port"
    for try in $(seq 1 50); do
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
    rm -f "$RUN/nginx.pid" "$RUN/fpm.pid" "$RUN/port"
}

# A PostgreSQL cluster of this instance's own, on loopback, with a password nobody needs to know.
PG_BIN=/usr/lib/postgresql/15/bin
PG_USER=postgres

# Root may not run PostgreSQL, so its user does; where that user cannot reach this folder the cluster stands beside its home.
database_folder() {
    if [ "$(id -u)" -ne 0 ] || runuser -u "$PG_USER" -- test -x "$STEADY_VAR" 2>/dev/null; then
        echo "$STEADY_VAR/pg"
    else
        echo "/var/lib/postgresql/steady-rung-$(sha256sum <<<"$STEADY_VAR" | cut -c1-12)"
    fi
}
PG_DATA="$(database_folder)"

as_database_user() {
    if [ "$(id -u)" -eq 0 ]; then (cd / && runuser -u "$PG_USER" -- "$@"); else "$@"; fi
}

secret() { # name: made once, kept
    local file="$STEADY_VAR/secrets/$1"
    if [ ! -s "$file" ]; then
        (umask 077 && mkdir -p "$STEADY_VAR/secrets" && php -r 'echo base64_encode(random_bytes(32));' >"$file.new" && mv "$file.new" "$file")
    fi
    cat "$file"
}

database_runs() { as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1 && "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$(cat "$RUN/pg.port" 2>/dev/null)"; }

seeded() { echo "seeded-$(sha256sum <<<"$PG_DATA" | cut -c1-12)"; }

make_cluster() {
    local fresh="$PG_DATA.new" password="$PG_DATA.password"
    rm -rf "$fresh" "$STAMPS/$(seeded)"
    mkdir -p "$fresh"
    (umask 077 && secret database >"$password")
    [ "$(id -u)" -ne 0 ] || chown "$PG_USER" "$fresh" "$password"
    as_database_user "$PG_BIN/initdb" -D "$fresh" -U steady --pwfile="$password" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 --data-checksums
    rm -f "$password"
    mv "$fresh" "$PG_DATA"
}

launch_database() {
    local try
    for try in 1 2 3 4 5 6 7 8; do
        as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" -w -t 60 -l "$PG_DATA/server.log" \
            -o "-c listen_addresses=127.0.0.1 -c port=$(cat "$RUN/pg.port") -c unix_socket_directories='' -c max_connections=60" start 9>&- && return
        sleep 1 # after a kill the old server's children need a moment to go
        free_port >"$RUN/pg.port"
    done
    tail -n 20 "$PG_DATA/server.log"
    return 1
}

start_database() {
    [ -f "$PG_DATA/PG_VERSION" ] || step "Making the database" make_cluster
    database_runs && return
    [ -s "$RUN/pg.port" ] || free_port >"$RUN/pg.port"
    step "Starting the database" launch_database
}

stop_database() {
    [ -f "$PG_DATA/postmaster.pid" ] || return 0
    as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
}

write_environment() { # port
    cat >"$STEADY_VAR/.env.new" <<TEXT
APP_NAME="Steady Rung"
APP_ENV=production
APP_KEY=base64:$(secret application)
APP_URL=http://127.0.0.1:$1
BCRYPT_ROUNDS=12
DB_CONNECTION=pgsql
DB_HOST=127.0.0.1
DB_PORT=$(cat "$RUN/pg.port")
DB_DATABASE=steady
DB_USERNAME=steady
DB_PASSWORD=$(secret database)
SESSION_DRIVER=database
SESSION_LIFETIME=720
CACHE_STORE=database
QUEUE_CONNECTION=sync
LOG_CHANNEL=single
SANCTUM_STATEFUL_DOMAINS=127.0.0.1:$1,localhost:$1
SCALE_ADDRESS=127.0.0.1:$(cat "$RUN/scale.port")
TEXT
    chmod 600 "$STEADY_VAR/.env.new"
    mv "$STEADY_VAR/.env.new" "$STEADY_VAR/.env"
}

make_database() { # name
    PGPASSWORD="$(secret database)" psql -h 127.0.0.1 -p "$(cat "$RUN/pg.port")" -U steady -d postgres -qtAc "SELECT 1 FROM pg_database WHERE datname = '$1'" | grep -q 1 ||
        PGPASSWORD="$(secret database)" psql -h 127.0.0.1 -p "$(cat "$RUN/pg.port")" -U steady -d postgres -qc "CREATE DATABASE $1"
}

migrate_and_seed() {
    local sum
    sum="$(sum_of database)"
    is_current "$(seeded)" "$sum" && return
    make_database steady
    step "Bringing the tables up to date" php "$ROOT/artisan" migrate --force --no-interaction
    step "Filling the demo gym, if there is no gym yet" php "$ROOT/artisan" steady:demo
    mark_current "$(seeded)" "$sum"
}

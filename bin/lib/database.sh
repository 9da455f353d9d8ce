# A PostgreSQL cluster of this instance's own: on a socket in a private folder, no network, no password for anybody else.
PG_BIN=/usr/lib/postgresql/15/bin
PG_USER=postgres
PG_OWNER=steady      # owns the tables; used to bring them up to date and for nothing else
PG_APP=steady_app    # what the application signs in as
PG_WORKER=steady_worker # what long work signs in as: slower statements, few connections
PG_ERASER=steady_eraser # what erases an athlete signs in as: of all tables it may change and delete what is kept of people
ERASED="athletes athlete_notes consents weighings screenings screening_looks clearances pain_reports pain_undoings signals athlete_links athlete_link_looks class_comers line_switches time_off session_sheets news accessory_sets logged_sets place_changes calls forecasts capacity_states line_changes recomputations import_lines import_matches"
APPEND_ONLY="audit_entries consents logged_sets set_bands clearances pain_reports band_inspections weighings screenings screening_looks forecasts pain_undoings"

# Root may not run PostgreSQL, so its user does; where that user cannot reach this folder the cluster stands beside its home.
database_folder() {
    if [ "$(id -u)" -ne 0 ] || runuser -u "$PG_USER" -- test -x "$STEADY_VAR" 2>/dev/null; then
        echo "$STEADY_VAR/pg"
    else
        echo "/var/lib/postgresql/steady-rung-$(sha256sum <<<"$STEADY_VAR" | cut -c1-12)"
    fi
}
PG_DATA="$(database_folder)"

# Beside the cluster; Unix sockets allow 107 characters, so a deep folder gets a short name elsewhere.
socket_folder() {
    if [ ${#PG_DATA} -gt 80 ]; then echo "/tmp/steady-pg-$(sha256sum <<<"$PG_DATA" | cut -c1-12)"; else echo "$PG_DATA.socket"; fi
}
PG_SOCKET="$(socket_folder)"

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

as_owner() { # command…: with the owner's word for psql and artisan
    env PGPASSWORD="$(secret database)" DB_USERNAME="$PG_OWNER" DB_PASSWORD="$(secret database)" DB_PERSISTENT=false LOG_CHANNEL=stderr \
        APP_CONFIG_CACHE=var/no-such/config.php APP_ROUTES_CACHE=var/no-such/routes.php "$@"
}

# While records are sealed anew their former key still opens them (bin/steady rekey).
former_key() {
    [ ! -s "$STEADY_VAR/secrets/records.former" ] || echo "RECORDS_FORMER_KEY=base64:$(cat "$STEADY_VAR/secrets/records.former")"
}

sql() { # database, statements
    as_owner psql -h "$PG_SOCKET" -U "$PG_OWNER" -d "$1" -v ON_ERROR_STOP=1 -qtAc "$2"
}

database_runs() { as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" status >/dev/null 2>&1 && "$PG_BIN/pg_isready" -q -h "$PG_SOCKET"; }

# A filling of the demo that was broken off goes on at the next start.
filled() { echo "filled-$(sha256sum <<<"$PG_DATA" | cut -c1-12)"; }
seeded() { echo "seeded-$(sha256sum <<<"$PG_DATA" | cut -c1-12)"; }

make_cluster() {
    local fresh="$PG_DATA.new" password="$PG_DATA.password"
    rm -rf "$fresh" "$STAMPS/$(seeded)" "$STAMPS/$(filled)"
    mkdir -p "$fresh"
    (umask 077 && secret database >"$password")
    [ "$(id -u)" -ne 0 ] || chown "$PG_USER" "$fresh" "$password"
    as_database_user "$PG_BIN/initdb" -D "$fresh" -U "$PG_OWNER" --pwfile="$password" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 --data-checksums
    rm -f "$password"
    mv "$fresh" "$PG_DATA"
}

# The folder is the database's, and the application may pass through it; nobody else.
make_socket_folder() {
    mkdir -p "$PG_SOCKET"
    [ "$(id -u)" -ne 0 ] || chown "$PG_USER:$(id -gn "$(app_user)")" "$PG_SOCKET"
    chmod 750 "$PG_SOCKET"
}

# Its log keeps neither statements nor values, turns over by the day of the week, and is its own to read.
launch_database() {
    local try
    make_socket_folder
    for try in 1 2 3 4 5 6 7 8; do
        as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" -w -t 60 -l "$PG_DATA/server.log" \
            -o "-c listen_addresses='' -c unix_socket_directories='$PG_SOCKET' -c max_connections=60 \
                -c logging_collector=on -c log_directory=log -c log_filename=server-%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d -c log_file_mode=0600 \
                -c log_min_error_statement=panic -c log_error_verbosity=terse -c log_parameter_max_length_on_error=0 -c log_statement=none" start 9>&- && return
        sleep 1 # after a kill the old server's children need a moment to go
    done
    tail -n 20 "$PG_DATA/server.log"
    return 1
}

start_database() {
    [ -f "$PG_DATA/PG_VERSION" ] || step "Making the database" make_cluster
    database_runs && return
    stop_database # one of an earlier version may listen elsewhere
    step "Starting the database" launch_database
}

stop_database() {
    [ -f "$PG_DATA/postmaster.pid" ] || return 0
    as_database_user "$PG_BIN/pg_ctl" -D "$PG_DATA" -m fast -w stop >/dev/null 2>&1 || true
}

write_environment() { # port
    (
        umask 077
        cat "$STEADY_VAR/mail.env" >"$STEADY_VAR/.env.new" 2>/dev/null || true # what stands first holds
        cat >>"$STEADY_VAR/.env.new" <<TEXT
APP_NAME="Steady Rung"
APP_ENV=production
APP_KEY=base64:$(secret application)
RECORDS_KEY=base64:$(secret records)
$(former_key)
APP_URL=http://127.0.0.1:$1
BCRYPT_ROUNDS=12
DB_CONNECTION=pgsql
DB_HOST=$PG_SOCKET
DB_DATABASE=steady
DB_USERNAME=$PG_APP
DB_PASSWORD=$(secret app-database)
DB_PERSISTENT=true
SESSION_DRIVER=quiet
SESSION_LIFETIME=720
CACHE_STORE=database
QUEUE_CONNECTION=database
LOG_CHANNEL=kept
SANCTUM_STATEFUL_DOMAINS=127.0.0.1:$1,localhost:$1
SCALE_ADDRESS=127.0.0.1:$(cat "$RUN/scale.port")
SCALE_SIMULATED=$(cat "$STEADY_VAR/simulated-scale" 2>/dev/null || echo demo)
TEXT
    )
    [ "$(id -u)" -ne 0 ] || chown "$(app_user)" "$STEADY_VAR/.env.new"
    mv "$STEADY_VAR/.env.new" "$STEADY_VAR/.env"
}

make_database() { # name
    sql postgres "SELECT 1 FROM pg_database WHERE datname = '$1'" | grep -q 1 || sql postgres "CREATE DATABASE $1"
}

# The application may read and write, but neither change nor delete what is append-only, nor touch the shape of anything; its
# statements, locks and idle transactions end by themselves.
grant_to_app() { # database
    sql postgres "DO \$\$ BEGIN CREATE ROLE $PG_APP LOGIN; EXCEPTION WHEN duplicate_object THEN NULL; END \$\$;
        ALTER ROLE $PG_APP LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE PASSWORD '$(secret app-database)';
        ALTER ROLE $PG_OWNER SET timezone = 'UTC'; ALTER ROLE $PG_APP SET timezone = 'UTC';
        ALTER ROLE $PG_APP SET statement_timeout = '8s'; ALTER ROLE $PG_APP SET lock_timeout = '3s';
        ALTER ROLE $PG_APP SET idle_in_transaction_session_timeout = '15s';
        DO \$\$ BEGIN CREATE ROLE $PG_WORKER LOGIN; EXCEPTION WHEN duplicate_object THEN NULL; END \$\$;
        ALTER ROLE $PG_WORKER LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE CONNECTION LIMIT 4 PASSWORD '$(secret worker-database)';
        ALTER ROLE $PG_WORKER SET timezone = 'UTC'; ALTER ROLE $PG_WORKER SET statement_timeout = '50s';
        ALTER ROLE $PG_WORKER SET lock_timeout = '10s'; ALTER ROLE $PG_WORKER SET idle_in_transaction_session_timeout = '60s';
        DO \$\$ BEGIN CREATE ROLE $PG_ERASER LOGIN; EXCEPTION WHEN duplicate_object THEN NULL; END \$\$;
        ALTER ROLE $PG_ERASER LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE CONNECTION LIMIT 2 PASSWORD '$(secret eraser-database)';
        ALTER ROLE $PG_ERASER SET timezone = 'UTC'; ALTER ROLE $PG_ERASER SET statement_timeout = '50s';
        ALTER ROLE $PG_ERASER SET lock_timeout = '10s'; ALTER ROLE $PG_ERASER SET idle_in_transaction_session_timeout = '60s'"
    sql "$1" "REVOKE CREATE ON SCHEMA public FROM PUBLIC; GRANT USAGE ON SCHEMA public TO $PG_APP, $PG_WORKER, $PG_ERASER;
        GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO $PG_APP, $PG_WORKER;
        GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO $PG_APP, $PG_WORKER;
        REVOKE INSERT, UPDATE, DELETE ON migrations FROM $PG_APP, $PG_WORKER;
        REVOKE UPDATE, DELETE ON ${APPEND_ONLY// /, } FROM $PG_APP, $PG_WORKER;
        REVOKE DELETE ON athletes, erasures, signals FROM $PG_APP, $PG_WORKER;
        GRANT SELECT, UPDATE, DELETE ON ${ERASED// /, } TO $PG_ERASER; GRANT SELECT, UPDATE ON erasures TO $PG_ERASER;
        GRANT SELECT, UPDATE (properties) ON audit_entries TO $PG_ERASER"
}

migrate_and_seed() {
    local sum
    sum="$(sum_of database bin/lib/database.sh)"
    if ! is_current "$(seeded)" "$sum"; then
        make_database steady
        step "Bringing the tables up to date" as_owner php "$ROOT/artisan" migrate --force --no-interaction
        grant_to_app steady
        mark_current "$(seeded)" "$sum"
        [ "$(sql steady "SELECT count(*) FROM gyms WHERE to_replay")" -eq 0 ] ||
            step "Following the log anew" as_app_user php "$ROOT/artisan" steady:replay --due
    fi
    [ -z "${STEADY_EMPTY:-}" ] || keep_empty
    is_current "$(filled)" empty || fill_demo
}

# An install that was begun empty stays so at every later start.
keep_empty() {
    if [ "$(sql steady 'SELECT count(*) FROM gyms WHERE is_demo')" -eq 0 ]; then
        mark_current "$(filled)" empty
    else
        say "The demo gym is here already; --empty is for a new install."
    fi
}

# A filling that was broken off goes on; beside a gym of somebody's own nothing is filled.
fill_demo() {
    if ! is_current "$(filled)" yes || [ "$(sql steady 'SELECT count(*) FROM gyms')" -eq 0 ]; then
        step "Filling the demo gym" as_app_user php "$ROOT/artisan" steady:demo
        sql steady ANALYZE # the planner knows nothing yet of what was filled in
        mark_current "$(filled)" yes
    fi
    step "Opening the floor" as_app_user php "$ROOT/artisan" steady:evening
}

# Gives the records of people's health a new key, and seals them all anew with it. What was broken off goes on when it is called again.
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"

one_at_a_time
secrets="$STEADY_VAR/secrets"
database_runs || die 1 "The database does not run. Start it first: bin/steady start"
port="$(cat "$RUN/port")"

with_the_keys_of_now() {
    write_environment "$port"
    stop_worker
    stop_server
    start_server "$port"
    start_worker
}

if [ ! -s "$secrets/records.former" ]; then
    [ -s "$secrets/records" ] || die 1 "There is no key yet. Start first: bin/steady start"
    (umask 077 && cp "$secrets/records" "$secrets/records.former.new" && mv "$secrets/records.former.new" "$secrets/records.former")
    rm "$secrets/records" # the next one asked for is new
fi
with_the_keys_of_now
step "Sealing the records with the new key" as_owner php "$ROOT/artisan" steady:seal
rm "$secrets/records.former"
with_the_keys_of_now
say "The former key opens nothing any more."

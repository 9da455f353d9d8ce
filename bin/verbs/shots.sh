# Pictures of each main view, from a fresh demo in an instance of their own.
export STEADY_VAR="$ROOT/var/shots"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"

one_at_a_time
trap take_down EXIT
take_down
rm -rf "$PG_DATA"
port="$(free_port)"
bring_up "$port" "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
STEADY_TEST_URL="http://127.0.0.1:$port" php "$ROOT/tests/Browser/Support/shots.php"

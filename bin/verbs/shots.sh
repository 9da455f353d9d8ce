# Pictures of each main view, from a fresh demo in an instance of their own.
export STEADY_VAR="$ROOT/var/shots"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/database.sh"
source "$ROOT/bin/lib/server.sh"
source "$ROOT/bin/lib/scale.sh"

one_at_a_time
trap 'stop_server; stop_scale; stop_database' EXIT
install_packages "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
install_composer
install_npm
build_client
start_database
choose_scale_port
port="$(free_port)"
start_scale
write_environment "$port"
migrate_and_seed
start_server "$port"
STEADY_TEST_URL="http://127.0.0.1:$port" php "$ROOT/tests/Browser/Support/shots.php"

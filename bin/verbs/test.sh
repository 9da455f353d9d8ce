export STEADY_VAR="${STEADY_VAR:-$ROOT/var/test}"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/database.sh"
source "$ROOT/bin/lib/server.sh"
source "$ROOT/bin/lib/scale.sh"
source "$ROOT/bin/lib/checks.sh"

[ "$STEADY_VAR" != "$ROOT/var" ] || die 64 "The tests need an instance of their own, not the one in var."
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
make_database steady_api
migrate_and_seed
start_server "$port"
export STEADY_TEST_URL="http://127.0.0.1:$port"

check "PHP style (Pint)" "$ROOT/vendor/bin/pint" --test
check "PHPStan, core and formats at level max" phpstan phpstan.neon
check "PHPStan, shell at level 8" phpstan phpstan-app.neon
check "Client types (vue-tsc)" npm_here run types
check "Client lint (ESLint, Prettier)" npm_here run lint
check "API document and client types are current" api_types_current
check "Client units (Vitest)" npm_here run units
for suite in core reference formats arch api browser; do
    suite "$suite" "$@"
done
sum_up

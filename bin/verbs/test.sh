export STEADY_VAR="$ROOT/var/test"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"
source "$ROOT/bin/lib/checks.sh"

one_at_a_time
trap take_down EXIT
take_down
rm -rf "$PG_DATA"
port="$(free_port)"
bring_up "$port" "${RUN_PACKAGES[@]}"
install_packages "${TEST_PACKAGES[@]}" > >(cat) & # in lines, not over those of the suites
tools=$!
make_database steady_api
export STEADY_TEST_URL="http://127.0.0.1:$port"

{
    check "PHP style (Pint)" "$ROOT/vendor/bin/pint" --test
    check "PHPStan, core and formats at level max" phpstan phpstan.neon
    check "PHPStan, shell at level 8" phpstan phpstan-app.neon
    check "Client types (vue-tsc)" npm_here run types
    check "Client lint (ESLint, Prettier)" npm_here run lint
    check "API document and client types are current" api_types_current
} &
reading=$!
for suite in core devices arch; do
    suite "$suite" "$@"
done
wait "$tools"
suite reference "$@"
wait "$reading"
{
    as_owner_suite api "$@"
    as_owner_suite upgrade "$@"
    suite formats "$@" # here, for the browser takes the longest
    check "Client units (Vitest)" npm_here run units
} &
tables=$!
suite browser "$@"
wait "$tables"
sum_up

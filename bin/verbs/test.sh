export STEADY_VAR="$ROOT/var/test"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"
source "$ROOT/bin/lib/checks.sh"

one_at_a_time
trap take_down EXIT
take_down
rm -rf "$PG_DATA"
prepare "${RUN_PACKAGES[@]}"
port="$(free_port)"
export STEADY_TEST_URL="http://127.0.0.1:$port"
rm -f "$RUN"/*.done

# One row may need what the other does: an instance that runs, and tables that nobody uses any more before PostgreSQL is killed.
await() { # what
    until [ -e "$RUN/$1.done" ]; do
        kill -0 "${walks:-$$}" 2>/dev/null || die 1 "The other row of the tests has ended."
        sleep 0.2
    done
}

# Two rows side by side, as long as one another: the instance and the walks through it; what reads the code, then what needs the
# database too. The last suites stand where there is time for them.
{
    install_packages "${TEST_PACKAGES[@]}" > >(cat) & # in lines, not over those of the suites
    tools=$!
    serve "$port"
    make_database steady_api
    wait "$tools"
    touch "$RUN/instance.done"
    suite browser --exclude-group=kills --exclude-group=speed "$@"
    await tables
    suite browser --group=kills "$@"
    for suite in devices arch reference formats; do
        suite "$suite" "$@"
    done
} &
walks=$!

check "PHP style (Pint)" "${COMPUTING[@]}" "$ROOT/vendor/bin/pint" --test
check "PHPStan, core and formats at level max" phpstan phpstan.neon
check "PHPStan, shell at level 8" phpstan phpstan-app.neon
suite core "$@"
await instance
DB_PERSISTENT=true as_owner_suite api "$@" # a new connection a test is a twentieth of it
as_owner_suite upgrade "$@"
touch "$RUN/tables.done"
check "API document and client types are current" api_types_current
check "Client types (vue-tsc)" npm_here run types
check "Client lint (ESLint, Prettier)" npm_here run lint
check "Client units (Vitest)" npm_here run units
wait "$walks"
suite browser --group=speed "$@" # alone: what else runs would be measured too
sum_up

export STEADY_VAR="$ROOT/var/test"
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"
source "$ROOT/bin/lib/checks.sh"

one_at_a_time
if [[ "${1:--}" != -* ]]; then
    source "$ROOT/bin/lib/some.sh"
    some_tests "$@"
    exit
fi
trap take_down EXIT
take_down
rm -rf "$PG_DATA"
prepare "${RUN_PACKAGES[@]}"
port="$(free_port)"
export STEADY_TEST_URL="http://127.0.0.1:$port"
rm -f "$RUN"/*.{done,ended,taken}

# Three rows side by side. The walks take the longest, and wait for a browser: what they leave of the processor is for those
# that need the database too, and what these leave for those that need nothing that runs. Whoever comes to an end takes of what is left.
walks() {
    install_packages "${TEST_PACKAGES[@]}" > >(cat) & # in lines, not over those of the suites
    local tools=$!
    serve "$port"
    make_database steady_api
    done_with instance
    wait "$tools"
    done_with tools
    suite browser --exclude-group=kills "$@"
    await tables of database_too
    suite browser --group=kills "$@"
    what_is_left "$@"
}

database_too() {
    await instance of walks
    DB_PERSISTENT=true as_tables_owner suite api "$@" # a new connection a test is a twentieth of it
    as_tables_owner suite upgrade "$@"
    done_with tables # which nobody uses any more when PostgreSQL is killed
    check "API document and client types are current" api_types_current
    what_is_left "$@"
}

code_alone() {
    check "PHP packages are the pinned ones" php "$ROOT/bin/pin.php" --check
    php_style
    client_types
    check "Client units (Vitest)" npm_here run units
    what_is_left "$@"
}

what_is_left() {
    await tools of walks
    once core suite core "$@"
    once schools suite schools "$@" # methods and drawn situations, which take the longest of the formats
    once lint client_lint
    once formats suite formats "$@"
    once phpstan-app shell_types
    once phpstan core_types
    once reference suite reference "$@"
    once devices suite devices "$@"
    once arch suite arch "$@"
}

row walks 0 "$@"
row database_too 5 "$@"
row code_alone 10 "$@"
wait
sum_up

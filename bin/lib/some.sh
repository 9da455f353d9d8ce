# The tests of some files or folders, on an instance that is kept for the next time.
some_tests() { # paths
    local path units=() walks=() tables=() plain=() code=0
    for path in "$@"; do
        [ -e "$path" ] || die 64 "There is no $path to test."
        case "$(realpath --relative-to="$ROOT" "$path")" in
            tests/Client*) units+=("$path") ;;
            tests/Browser*) walks+=("$path") ;;
            tests/Api* | tests/Upgrade*) tables+=("$path") ;;
            *) plain+=("$path") ;;
        esac
    done
    prepare "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
    if [ ${#walks[@]} -gt 0 ]; then
        take_down
        rm -rf "$PG_DATA" # walks leave their marks, and each begins with the demo as it was
        serve "$(free_port)"
        STEADY_TEST_URL="http://127.0.0.1:$(cat "$RUN/port")" pest_of "${walks[@]}" || code=1
    fi
    if [ ${#tables[@]} -gt 0 ]; then
        start_beneath "$(free_port)"
        make_database steady_api
        as_tables_owner pest_of "${tables[@]}" || code=1
    fi
    [ ${#plain[@]} -eq 0 ] || pest_of "${plain[@]}" || code=1
    [ ${#units[@]} -eq 0 ] || (cd "$ROOT" && npx vitest run --root . --config vitest.config.ts "${units[@]}") || code=1
    return "$code"
}

pest_of() { (cd "$ROOT" && "${COMPUTING[@]}" vendor/bin/pest --compact "$@"); }

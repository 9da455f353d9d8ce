# Runs checks and suites, each to its end, and sums up; rows of them may run side by side.
COUNTS="$LOG/counts"
private() { install -m 600 /dev/null "$1"; } # an empty file of nobody else's
private "$COUNTS"

count() { printf '%s %s\n' "$1" "$2" >>"$COUNTS"; } # passed, failed

check() { # name, command…
    local name="$1" log began=$SECONDS
    shift
    log="$LOG/check-$(tr -cs 'a-zA-Z0-9' '-' < <(printf %s "$name")).log"
    private "$log"
    if "$@" >"$log" 2>&1 9>&-; then
        count 1 0
        say "✓ $name ($((SECONDS - began)) s)"
    else
        count 0 1
        cat "$log"
        say "✗ $name ($((SECONDS - began)) s)"
    fi
}

# The checks that run nothing, each by one name wherever it is asked for.
php_style() { check "PHP style (Pint)" "${COMPUTING[@]}" "$ROOT/vendor/bin/pint" --test; }
core_types() { check "PHPStan, core and formats at level max" phpstan phpstan.neon; }
shell_types() { check "PHPStan, shell at level 8" phpstan phpstan-app.neon; }
client_types() { check "Client types (vue-tsc)" npm_here run types; }
client_lint() { check "Client lint (ESLint, Prettier)" npm_here run lint; }

phpstan() { (cd "$ROOT" && vendor/bin/phpstan analyse -c "$1" --no-progress --memory-limit=1G); }

# Writes the document and the types beside the committed ones and compares.
api_types_current() {
    local fresh="$STEADY_VAR/types"
    rm -rf "$fresh" && mkdir -p "$fresh"/{docs/formats,client/domain}
    "$ROOT/bin/steady" types "$fresh"
    local stale=0 name
    for name in docs/formats/openapi.json client/domain/api.gen.ts client/domain/limits.gen.ts; do
        cmp "$ROOT/$name" "$fresh/$name" || stale=1
    done
    [ "$stale" -eq 0 ] || { echo "Stale. Mend: bin/steady types"; return 1; }
}

# Code is compiled once for a suite; where more is computed than loaded, to machine code, which is quicker by a quarter to a third.
LOADING=(php -d opcache.enable_cli=1)
COMPUTING=("${LOADING[@]}" -d opcache.jit_buffer_size=128M -d opcache.jit=function)

suite() { # name, more arguments for Pest
    local name="$1" report="$LOG/suite-$1.xml" began=$SECONDS php=("${LOADING[@]}")
    [[ "$name" = core || "$name" = schools ]] && php=("${COMPUTING[@]}")
    shift
    private "$report"
    (cd "$ROOT" && COLUMNS=120 "${php[@]}" vendor/bin/pest --testsuite="$name" --log-junit="$report" --colors=never --compact "$@" 9>&-) || true
    local counts
    counts="$(php -r '
        $xml = @simplexml_load_file($argv[1]);
        $all = $xml ? (int) $xml->testsuite["tests"] : 0;
        $bad = $xml ? (int) $xml->testsuite["failures"] + (int) $xml->testsuite["errors"] : 1;
        echo $all - ($xml ? $bad : 0), " ", $all === 0 ? 1 : $bad;
    ' "$report")"
    count $counts
    say "$([ "${counts#* }" -eq 0 ] && echo ✓ || echo ✗) tests/$name: ${counts% *} passed, ${counts#* } failed ($((SECONDS - began)) s)"
}

# Tests that make their tables anew sign in as the tables' owner.
as_tables_owner() { DB_USERNAME="$PG_OWNER" DB_PASSWORD="$(secret database)" "$@"; }

# A row of suites runs beside others, so much behind them for the processor, and says when it has ended.
row() { # its function, niceness, more arguments for Pest
    local name="$1" nice="$2"
    shift 2
    (
        trap '[ $? -eq 0 ] || { count 0 1; say "✗ the row of $name ended early"; }; touch "$RUN/$name.ended"' EXIT
        renice -n "$nice" "$BASHPID" >/dev/null
        "$name" "$@"
    ) &
}

done_with() { touch "$RUN/$1.done"; }

await() { # what, "of", whose row
    until [ -e "$RUN/$1.done" ]; do
        [ ! -e "$RUN/$3.ended" ] || die 1 "The row of $3 has ended without $1."
        sleep 0.2
    done
}

# What several rows would do is done by the first that comes to it.
once() { # name, command…
    if (set -o noclobber && : >"$RUN/$1.taken") 2>/dev/null; then
        shift
        "$@"
    fi
}

sum_up() {
    awk '{ passed += $1; failed += $2 } END { print passed + 0 " passed, " failed + 0 " failed"; exit failed > 0 }' "$COUNTS"
}

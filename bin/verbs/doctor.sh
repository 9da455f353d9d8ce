source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"

faults=0
check() { # what, mend, command…
    local what="$1" mend="$2"
    shift 2
    if "$@" >/dev/null 2>&1; then
        say "ok       $what"
    else
        say "missing  $what — mend: $mend"
        faults=$((faults + 1))
    fi
}

check "PHP 8.2 or later" "$(apt_command php8.2-cli)" php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);'
for extension in curl intl mbstring pdo_pgsql dom openssl; do
    check "PHP extension $extension" "$(apt_command "$(extension_package "$extension")")" php -r "exit(extension_loaded('$extension') ? 0 : 1);"
done
check "Composer" "$(apt_command composer)" command -v composer
check "Node 20 or later" "install Node 20 from nodejs.org or your distribution" node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)'
check "npm" "install npm with Node" command -v npm
check "nginx" "$(apt_command nginx-light)" command -v nginx
check "php-fpm" "$(apt_command php8.2-fpm)" command -v php-fpm8.2
check "PostgreSQL 15" "$(apt_command postgresql-15)" test -x "$PG_BIN/initdb"
check "PHP packages" "bin/steady start" is_current composer "$(composer_sum)"
check "client packages" "bin/steady start" is_current npm "$(npm_sum)"
check "client built" "bin/steady start" is_current client "$(client_sum)"
check "database cluster" "bin/steady start" test -f "$PG_DATA/PG_VERSION"
check "database running" "bin/steady start" database_runs
check "server running" "bin/steady start" server_answers
check "simulated scale running" "bin/steady start" pid_lives "$RUN/scale.pid"
for package in "${TEST_PACKAGES[@]}"; do
    check "$package (for the tests)" "$(apt_command "$package")" package_installed "$package"
done
[ "$faults" -eq 0 ] && say "All is well." || die 1 "$faults to mend; bin/steady start mends what it can."

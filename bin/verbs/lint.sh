# Every check that runs nothing: style, types and walls of PHP and of the client.
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/checks.sh"

check "PHP style (Pint)" "$ROOT/vendor/bin/pint" --test
check "PHPStan, core and formats at level max" phpstan phpstan.neon
check "PHPStan, shell at level 8" phpstan phpstan-app.neon
check "Client types (vue-tsc)" npm_here run types
check "Client lint (ESLint, Prettier)" npm_here run lint
sum_up

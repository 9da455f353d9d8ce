# Mends what the formatters can mend by themselves.
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"

"$ROOT/vendor/bin/pint"
npm_here run fix

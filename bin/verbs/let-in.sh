[ $# -eq 1 ] || { echo "Usage: bin/steady let-in EMAIL" >&2; exit 64; }
source "$ROOT/bin/lib/common.sh"
as_app_user php "$ROOT/artisan" steady:let-in "$1"

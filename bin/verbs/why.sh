# A call made again from what was kept beside it.
source "$ROOT/bin/lib/common.sh"
[ $# -eq 1 ] || die 64 "why needs the id of a call, as the API gives it."
as_app_user php "$ROOT/artisan" steady:why "$1"

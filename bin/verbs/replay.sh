source "$ROOT/bin/lib/common.sh"
as_app_user php "$ROOT/artisan" steady:replay

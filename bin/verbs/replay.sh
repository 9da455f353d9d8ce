source "$ROOT/bin/lib/common.sh"
exec php "$ROOT/artisan" steady:replay

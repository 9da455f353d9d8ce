# What each position of each house rule would change for the athletes who trained last.
source "$ROOT/bin/lib/common.sh"
as_app_user php "$ROOT/artisan" steady:rules

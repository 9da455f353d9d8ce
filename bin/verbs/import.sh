# Brings an export, read from standard input, into a gym without athletes: bin/steady import < FILE
source "$ROOT/bin/lib/common.sh"
as_app_user php "$ROOT/artisan" steady:import

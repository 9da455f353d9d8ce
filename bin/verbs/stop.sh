source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/database.sh"
source "$ROOT/bin/lib/server.sh"
source "$ROOT/bin/lib/scale.sh"

one_at_a_time
stop_server
stop_scale
stop_database
say "Stopped."

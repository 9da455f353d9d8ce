source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"

one_at_a_time
take_down
say "Stopped."

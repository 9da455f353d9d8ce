source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/database.sh"
source "$ROOT/bin/lib/server.sh"
source "$ROOT/bin/lib/scale.sh"

port=8080
while [ $# -gt 0 ]; do
    case "$1" in
        --port) port="${2:-}"; shift 2 || die 64 "--port needs a number." ;;
        --port=*) port="${1#*=}"; shift ;;
        *) die 64 "start does not know \"$1\". Try: bin/steady help" ;;
    esac
done
[[ "$port" =~ ^[0-9]{2,5}$ ]] && [ "$port" -ge 1024 ] && [ "$port" -le 65535 ] || die 64 "The port must be a number from 1024 to 65535."

one_at_a_time
install_packages "${RUN_PACKAGES[@]}"
install_composer
install_npm
build_client
start_database
choose_scale_port
start_scale
write_environment "$port"
migrate_and_seed
start_server "$port"

cat <<TEXT

Steady Rung is at http://127.0.0.1:$port
Demo sign-in: coach@hollowbrook.example  ·  password: chalk-and-rope
Stop it with: bin/steady stop
TEXT

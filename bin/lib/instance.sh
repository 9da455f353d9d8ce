# Brings a whole instance up from whatever state it is in, and takes it down.
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/database.sh"
source "$ROOT/bin/lib/server.sh"
source "$ROOT/bin/lib/scale.sh"
source "$ROOT/bin/lib/worker.sh"

bring_up() { # port, packages…
    local port="$1"
    shift
    refuse_taken_port "$port"
    prepare "$@"
    serve "$port"
}

prepare() { # packages…
    install_packages "$@"
    install_composer
    install_npm
}

serve() { # port
    local port="$1"
    build_client
    start_beneath "$port"
    migrate_and_seed
    start_server "$port"
    start_worker
}

# All that runs beneath the application.
start_beneath() { # the application's port
    hand_over
    start_database
    start_scale
    write_environment "$1"
}

take_down() {
    stop_worker
    stop_server
    stop_scale
    stop_database
}

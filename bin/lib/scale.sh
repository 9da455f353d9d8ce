# The simulated hanging scale of the band bench, on a loopback port of its own.
start_scale() {
    local try
    [ -s "$RUN/scale.port" ] || free_port >"$RUN/scale.port"
    pid_lives "$RUN/scale.pid" && return
    for try in 1 2 3; do
        rm -f "$RUN/scale.pid"
        rm -f "$RUN/scale.pid.own"
        as_app_user php "$ROOT/bin/scale.php" "$RUN/scale.port" "$RUN/scale.pid" >"$LOG/scale.log" 2>&1 9>&- &
        disown
        for _ in $(seq 1 20); do
            [ ! -s "$RUN/scale.pid" ] || { own "$RUN/scale.pid"; return; }
            sleep 0.1
        done
        free_port >"$RUN/scale.port" # the port was taken
    done
    say "The simulated scale did not start (see $LOG/scale.log); readings can be typed."
}

stop_scale() {
    if pid_lives "$RUN/scale.pid"; then kill "$(cat "$RUN/scale.pid")" 2>/dev/null || true; fi
    rm -f "$RUN/scale.pid" "$RUN/scale.pid.own"
}

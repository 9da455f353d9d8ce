# The simulated hanging scale of the band bench, on a loopback port of its own.
start_scale() {
    local pid
    [ -s "$RUN/scale.port" ] || free_port >"$RUN/scale.port"
    ! pid_lives "$RUN/scale.pid" || return 0
    stop_scale
    for _ in 1 2 3; do
        as_app_user php "$ROOT/bin/scale.php" "$RUN/scale.port" "$RUN/scale.pid" >"$LOG/scale.log" 2>&1 9>&- &
        pid=$!
        disown
        while kill -0 "$pid" 2>/dev/null; do
            [ ! -s "$RUN/scale.pid" ] || { own "$RUN/scale.pid"; return 0; }
            sleep 0.1
        done
        free_port >"$RUN/scale.port" # it ended: the port was taken
    done
    say "The simulated scale did not start (see $LOG/scale.log); readings can be typed."
}

# Every one of this instance, whatever became of its pid file.
stop_scale() {
    local pid
    for pid in $(pgrep -f "^php $ROOT/bin/scale.php $RUN/scale.port "); do
        kill "$pid" 2>/dev/null || true
        for _ in $(seq 1 50); do
            kill -0 "$pid" 2>/dev/null || break
            sleep 0.1
        done
        kill -KILL "$pid" 2>/dev/null || true
    done
    rm -f "$RUN/scale.pid" "$RUN/scale.pid.own"
}

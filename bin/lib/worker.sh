# Long work, done by a process of its own beside the requests: with a sign-in, limits and a log of its own, and started again when it ends.
start_worker() {
    local sum
    sum="$(cat "$CACHE/sum")"
    ! pid_lives "$RUN/worker.pid" || [ "$(cat "$RUN/worker.sum" 2>/dev/null)" != "$sum" ] || return 0
    stop_worker
    (
        # Handed on as the environment: what stands among the arguments of a program everybody may read.
        export DB_USERNAME="$PG_WORKER" DB_PASSWORD="$(secret worker-database)" DB_PERSISTENT=false LOG_CHANNEL=kept
        export DB_ERASER_USERNAME="$PG_ERASER" DB_ERASER_PASSWORD="$(secret eraser-database)"
        export APP_CONFIG_CACHE=var/no-such/config.php APP_ROUTES_CACHE=var/no-such/routes.php APP_EVENTS_CACHE=var/no-such/events.php
        as_app_user setsid bash "$ROOT/bin/server/worker.sh" "$ROOT" "$RUN/worker.pid" >>"$LOG/worker.log" 2>&1 9>&- &
    )
    await_pid "$RUN/worker.pid"
    own "$RUN/worker.pid"
    printf %s "$sum" >"$RUN/worker.sum"
}

# It ends between two jobs; what does not end in time is done again later, for a job is all or nothing.
stop_worker() {
    local group
    if pid_lives "$RUN/worker.pid"; then
        group="$(cat "$RUN/worker.pid")"
        kill -TERM -- "-$group" 2>/dev/null || true
        for _ in $(seq 1 50); do
            pid_lives "$RUN/worker.pid" || break
            sleep 0.1
        done
        kill -KILL -- "-$group" 2>/dev/null || true
    fi
    rm -f "$RUN"/worker.{pid,pid.own,sum}
}

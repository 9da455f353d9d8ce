#!/usr/bin/env bash
# Keeps one worker of the queue running: it ends by itself now and then, or when it grew too large, and is started again. Beside it the
# scheduler hands it what is done by the clock.
# Arguments: the checkout, the file its number goes into.
ended=no
trap 'ended=yes' TERM
echo $$ >"$2.new" && mv "$2.new" "$2"
scheduler=
while [ "$ended" = no ]; do
    if [ -z "$scheduler" ] || ! kill -0 "$scheduler" 2>/dev/null; then
        nice -n 10 php -d memory_limit=128M "$1/artisan" schedule:work --quiet >/dev/null &
        scheduler=$!
    fi
    nice -n 10 php -d memory_limit=256M "$1/artisan" queue:work --timeout=60 --tries=3 --backoff=5 --sleep=2 --memory=128 --max-time=3600 --max-jobs=500 --quiet &
    wait $!
    [ "$ended" = yes ] || sleep 2
done

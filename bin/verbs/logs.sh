# What the running instance writes down, as it comes; a name picks one: php, nginx, fpm, scale, application.
source "$ROOT/bin/lib/common.sh"

files=("$LOG"/{php,nginx,fpm,scale}.log "$STEADY_VAR/storage/logs"/*.log)
if [ $# -gt 0 ]; then
    case "$1" in
        php | nginx | fpm | scale) files=("$LOG/$1.log") ;;
        application) files=("$STEADY_VAR/storage/logs"/*.log) ;;
        *) die 64 "logs knows php, nginx, fpm, scale and application." ;;
    esac
fi
exec tail -n 20 -F "${files[@]}"

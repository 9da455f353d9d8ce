source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/instance.sh"

port=8080
while [ $# -gt 0 ]; do
    case "$1" in
        --port) port="${2:-}"; shift 2 || die 64 "--port needs a number." ;;
        --port=*) port="${1#*=}"; shift ;;
        --empty) export STEADY_EMPTY=yes; shift ;;
        --simulated-scale) echo everywhere >"$STEADY_VAR/simulated-scale"; shift ;;
        *) die 64 "start does not know \"$1\". Try: bin/steady help" ;;
    esac
done
[[ "$port" =~ ^[0-9]{2,5}$ ]] && [ "$port" -ge 1024 ] && [ "$port" -le 65535 ] || die 64 "The port must be a number from 1024 to 65535."

one_at_a_time
bring_up "$port" "${RUN_PACKAGES[@]}"

sign_in_words() {
    if [ "$(sql steady 'SELECT count(*) FROM gyms')" -eq 0 ]; then
        echo "There is no gym yet: open the page to make yours."
    elif [ "$(sql steady 'SELECT count(*) FROM gyms WHERE is_demo')" -gt 0 ]; then
        echo "Demo sign-in: coach@hollowbrook.example  ·  password: chalk-and-rope"
    else
        echo "Sign in with the account of your gym."
    fi
}

cat <<TEXT

Steady Rung is at http://127.0.0.1:$port
$(sign_in_words)
Stop it with: bin/steady stop
TEXT

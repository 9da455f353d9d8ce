# A receiver of webhooks to try them with, on this machine alone; it prints what it is told.
source "$ROOT/bin/lib/common.sh"
[ $# -eq 2 ] || die 64 "listen needs a port and the secret that the page of the webhook shows."
WEBHOOK_SECRET="$2" exec php -S "127.0.0.1:$1" "$ROOT/bin/listen.php" 2>/dev/null

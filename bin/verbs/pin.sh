[ -f "$ROOT/vendor/autoload.php" ] || { echo "The PHP packages are not installed yet. Run once: bin/steady start" >&2; exit 69; }
exec php "$ROOT/bin/pin.php" "$@"

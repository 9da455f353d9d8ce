[ -f "$ROOT/vendor/autoload.php" ] || { echo "The PHP packages are not installed yet. Run once: bin/steady start" >&2; exit 69; }
exec php -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d opcache.jit=function "$ROOT/bin/core.php" "$@"

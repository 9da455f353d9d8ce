exec php "$ROOT/bin/core.php" "$@"

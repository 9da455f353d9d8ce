# Every check that runs nothing: style, types and walls of PHP and of the client.
source "$ROOT/bin/lib/common.sh"
source "$ROOT/bin/lib/install.sh"
source "$ROOT/bin/lib/checks.sh"

php_style
core_types
shell_types
client_types
client_lint
sum_up

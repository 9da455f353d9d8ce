# Everything of the gym, as docs/formats/export.md has it, to standard output.
source "$ROOT/bin/lib/common.sh"
as_app_user php "$ROOT/artisan" steady:export

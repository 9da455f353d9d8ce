source "$ROOT/bin/lib/common.sh"
into="${1:-$ROOT}"
php "$ROOT/artisan" steady:openapi "$into/docs/formats/openapi.json"
(cd "$ROOT" && npx openapi-typescript "$into/docs/formats/openapi.json" -o "$into/client/domain/api.gen.ts" && node bin/limits.mjs "$into")

source "$ROOT/bin/lib/common.sh"
php "$ROOT/artisan" steady:openapi "$ROOT/docs/formats/openapi.json"
(cd "$ROOT" && npx openapi-typescript docs/formats/openapi.json -o client/domain/api.gen.ts && node bin/limits.mjs)

#!/usr/bin/env bash
# An empty installation for the browser tests: a migrated database and nobody in it; its set-up address goes to the file named second.
set -eu
cd "$(dirname "$0")/../.."
export DB_DATABASE="$PWD/database/browser-test-$1.sqlite" APP_ENV=local APP_DEBUG=false BCRYPT_ROUNDS=4 PHP_CLI_SERVER_WORKERS=2
export CACHE_FOLDER="$PWD/.cache/browser-test-cache-$1"
export PHP_INI_SCAN_DIR=":$PWD/bin/php.d" PHOTOS_FOLDER="$PWD/.cache/browser-test-photos-$1"
rm -rf "${DB_DATABASE%.sqlite}-salons" "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm" "$PHOTOS_FOLDER" "$CACHE_FOLDER"
touch "$DB_DATABASE"
php artisan migrate --force --quiet
php artisan salon:open --address="http://127.0.0.1:$1" >"$2"
php artisan serve --no-reload --host=127.0.0.1 --port="$1" --quiet &
trap 'kill -- -$$ 2>/dev/null || pkill -P $!' TERM INT EXIT
wait

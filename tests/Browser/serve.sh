#!/usr/bin/env bash
# A salon of its own for the browser tests: fresh database, demo world, four workers.
set -eu
cd "$(dirname "$0")/../.."
source bin/steps.sh
set -e
SALON_TIMEZONE=$(late_morning_zone)
export SALON_TIMEZONE
export DB_DATABASE="$PWD/database/browser-test-$1.sqlite" SALON_DEMO=true SALON_NAME="Kittiwake Lane Dog Grooming" SALON_VET_PHONE="0555 0199" SALON_PHONE="0555 0100" APP_ENV=local APP_DEBUG=false BCRYPT_ROUNDS=4 PHP_CLI_SERVER_WORKERS=4
# What asks for the password again has a test of its own; the others sign in once.
export AUTH_PASSWORD_TIMEOUT=86400
export PHP_INI_SCAN_DIR=":$PWD/bin/php.d" PHOTOS_FOLDER="$PWD/.cache/browser-test-photos-$1"
# Two salons that start side by side do not clear each other's cache.
export CACHE_FOLDER="$PWD/.cache/browser-test-cache-$1"
rm -rf "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm" "$PHOTOS_FOLDER" "$CACHE_FOLDER"
touch "$DB_DATABASE"
php artisan migrate --force --quiet
php artisan demo:fill --quiet
php artisan serve --no-reload --host=127.0.0.1 --port="$1" --quiet &
trap 'kill -- -$$ 2>/dev/null || pkill -P $!' TERM INT EXIT
wait

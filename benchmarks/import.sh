#!/usr/bin/env bash
# A table of 5,000 rows read in beside 5,000 clients that are here, against bare inserts of as many rows.
set -euo pipefail
cd "$(dirname "$0")/.."
export APP_ENV=production APP_DEBUG=false DB_DATABASE="$PWD/.cache/bench-import.sqlite"
mkdir -p .cache
rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm"
touch "$DB_DATABASE"
php artisan migrate --force --quiet
php artisan bench:fill 10
php benchmarks/import.php "${1:-5000}"

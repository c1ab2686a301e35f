#!/usr/bin/env bash
# Marks sent to a visit against a bare route: one at a time, and 200 in a batch.
set -euo pipefail
cd "$(dirname "$0")/.."
export APP_ENV=production APP_DEBUG=false
database="$PWD/.cache/bench-write.sqlite"
mkdir -p .cache
rm -f "$database" "$database-wal" "$database-shm"
touch "$database"
DB_DATABASE="$database" php artisan migrate --force --quiet
DB_DATABASE="$database" php artisan bench:fill 2000
php benchmarks/write.php "${1:-150}" "$database"

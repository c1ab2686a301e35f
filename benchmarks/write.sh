#!/usr/bin/env bash
# Marks sent to a visit that grows, against a bare route and a row written by somebody signed in.
set -euo pipefail
cd "$(dirname "$0")/.."
export APP_ENV=production APP_DEBUG=false
database="$PWD/.cache/bench-write.sqlite"
mkdir -p .cache
rm -f "$database" "$database-wal" "$database-shm"
touch "$database"
DB_DATABASE="$database" php artisan migrate --force --quiet
DB_DATABASE="$database" php artisan bench:fill 2000
php benchmarks/write.php "${1:-3}" "$database"

#!/usr/bin/env bash
# A full salon on one machine: 40 devices that look every few seconds and 8 that write, on SQLite and on PostgreSQL.
set -euo pipefail
cd "$(dirname "$0")/.."
export APP_ENV=production APP_DEBUG=false
seconds="${1:-60}"
mkdir -p .cache
run_on() {
  php artisan migrate --force --quiet
  php artisan bench:fill 2000 >/dev/null
  php benchmarks/load.php "$1" "$seconds"
}
export -f run_on
export seconds
database="$PWD/.cache/bench-load.sqlite"
rm -f "$database" "$database-wal" "$database-shm"
touch "$database"
DB_DATABASE="$database" run_on SQLite
bin/with-postgres --durable bash -c 'run_on PostgreSQL'

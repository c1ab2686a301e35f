#!/usr/bin/env bash
# Reads of a visit and of the day against a bare route, at 2,000 and at 200,000 visits.
set -euo pipefail
cd "$(dirname "$0")/.."
requests="${1:-300}"
mkdir -p .cache
export APP_ENV=production APP_DEBUG=false

for visits in 2000 200000; do
  database="$PWD/.cache/bench-$visits.sqlite"
  stamp=".cache/bench-$visits.day"
  # The day's list needs visits of today: the database is made anew each day.
  if [ ! -f "$database" ] || [ "$(cat "$stamp" 2>/dev/null)" != "$(date -u +%F)" ]; then
    rm -f "$database" "$database-wal" "$database-shm"
    touch "$database"
    DB_DATABASE="$database" php artisan migrate --force --quiet
    echo "Filling $visits visits …"
    DB_DATABASE="$database" php artisan bench:fill "$visits"
    date -u +%F >"$stamp"
  fi
done

# `bare` at the front and between, so that a noisy minute meets both.
php benchmarks/read.php "$requests" .cache/bench-2000.sqlite .cache/bench-200000.sqlite

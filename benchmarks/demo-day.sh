#!/usr/bin/env bash
# What takes longest on the demo's own day, of two years of visits, against a bare route: the days, promises, a large photo.
set -euo pipefail
cd "$(dirname "$0")/.."
source bin/steps.sh
SALON_TIMEZONE=$(late_morning_zone)
database="$PWD/.cache/bench-demo-day.sqlite"
export SALON_TIMEZONE APP_ENV=production APP_DEBUG=false SALON_DEMO=true DB_DATABASE="$database" PHOTOS_FOLDER="$PWD/.cache/bench-demo-photos"
rm -rf "$database" "$database-wal" "$database-shm" "$PHOTOS_FOLDER"
mkdir -p .cache
touch "$database"
php artisan migrate --force --quiet
echo "Filling the demo's two years …"
php artisan demo:fill --quiet
php benchmarks/demo-day.php "${1:-30}"
rm -rf "$database" "$database-wal" "$database-shm" "$PHOTOS_FOLDER"

#!/usr/bin/env bash
# Eight writers with contradicting marks, on one visit and on many: nothing lost, nothing doubled, and the lists are what the marks say.
#   benchmarks/writers.sh [marks each] [writers]
set -euo pipefail
cd "$(dirname "$0")/.."
each="${1:-500}"
writers="${2:-8}"
mkdir -p .cache
export APP_ENV=testing CACHE_STORE=array
for visits in 1 40; do
  export DB_DATABASE="$PWD/.cache/writers.sqlite"
  rm -f "$DB_DATABASE" "$DB_DATABASE-wal" "$DB_DATABASE-shm" .cache/writer-*.txt
  touch "$DB_DATABASE"
  php artisan migrate --force --quiet
  php tests/fixtures/writer.php prepare "$visits"
  start=$(date +%s.%N)
  jobs=()
  for writer in $(seq "$writers"); do
    php tests/fixtures/writer.php "$writer" "$each" "$((visits * 1000 + writer))" >".cache/writer-$writer.txt" &
    jobs+=($!)
  done
  for job in "${jobs[@]}"; do wait "$job"; done
  seconds=$(echo "$(date +%s.%N) - $start" | bc)
  php benchmarks/writers.php "$DB_DATABASE" "$visits" "$seconds" .cache/writer-*.txt
done

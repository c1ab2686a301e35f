# Shared by bin/demo and bin/test: says each step, installs what is missing, and stops with a plain message when a step fails.
set -uo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.." || exit 1
mkdir -p .cache

say() { printf '\n== %s\n' "$1"; }

# step "what it does" command …: runs it quietly; on failure shows its last lines and what to try.
step() {
  local what="$1"
  shift
  printf '   %s … ' "$what"
  local log=".cache/step.log"
  if "$@" >"$log" 2>&1; then
    printf 'done\n'
  else
    printf 'FAILED\n\n'
    tail -n 60 "$log"
    printf '\nThis step failed: %s\nIt ran: %s\nMend what the lines above say, then run the same command again; finished steps are not repeated.\n' "$what" "$*" >&2
    exit 1
  fi
}

as_root() { if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo "$@"; fi; }

install_system_packages() {
  local wanted=() extension loaded
  # Read once: with a pipe, grep could leave before PHP has said all, and count as a failure.
  loaded=$(php -m 2>/dev/null)
  command -v php >/dev/null || wanted+=(php8.2-cli php8.2-mbstring php8.2-xml php8.2-intl)
  for extension in sqlite3:pdo_sqlite gd:gd zip:zip curl:curl mbstring:mbstring xml:dom intl:intl; do
    grep -qix "${extension#*:}" <<<"$loaded" || wanted+=("php8.2-${extension%%:*}")
  done
  command -v composer >/dev/null || wanted+=(composer)
  command -v node >/dev/null || wanted+=(nodejs npm)
  command -v unzip >/dev/null || wanted+=(unzip)
  if [ "${1:-}" = for-tests ]; then
    # The headless build: it draws without a process for the graphics card, which these machines do not have.
    command -v chromium-headless-shell >/dev/null || wanted+=(chromium-headless-shell)
    compgen -G '/usr/lib/postgresql/*/bin/initdb' >/dev/null || wanted+=(postgresql)
    grep -qix pdo_pgsql <<<"$loaded" || wanted+=(php8.2-pgsql)
  fi
  [ "${#wanted[@]}" -eq 0 ] && return 0
  step "package lists" as_root apt-get update -qq
  step "system packages: ${wanted[*]}" as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${wanted[@]}"
}

# A stamp of the files that decide what is installed or built: done again only when they change.
source bin/screens.sh
stamp_of() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }
fresh() { [ -e "$2" ] && [ "$(cat ".cache/$1" 2>/dev/null)" = "$3" ]; }

install_php_packages() {
  local stamp
  stamp=$(stamp_of composer.json)
  fresh composer vendor/autoload.php "$stamp" || {
    step "PHP packages (about 10 s)" env COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress
    chmod -R a+rX vendor
    printf '%s' "$stamp" >.cache/composer
  }
}

install_node_packages() {
  local stamp
  enough_node
  stamp=$(stamp_of package.json package-lock.json)
  fresh npm node_modules/vite/package.json "$stamp" || {
    step "JavaScript packages (about 30 s)" npm ci --no-progress
    printf '%s' "$stamp" >.cache/npm
  }
}

# Keys, sessions, logs and pictures are their owner's only; what the application writes later is by its own umask.
make_env() {
  [ -f .env ] || install -m 600 .env.example .env
  chmod 600 .env
  chmod -R go-rwx storage/logs storage/framework/sessions storage/app/private 2>/dev/null
  grep -q '^APP_KEY=base64:' .env || step "application key" php artisan key:generate --force
}

build_front_end() {
  local stamp
  stamp=$(built_from)
  fresh build public/service-worker.js "$stamp" || {
    step "screens (about 10 s)" npm run build
    printf '%s' "$stamp" >.cache/build
  }
}

# Saltby is invented, and so is its time zone: whatever the hour, the demo's salon has its late morning.
late_morning_zone() {
  local ahead=$((11 - 10#$(date -u +%H)))
  if [ "$ahead" -ge 0 ]; then printf 'Etc/GMT-%d' "$ahead"; else printf 'Etc/GMT+%d' "${ahead#-}"; fi
}

# The demo once lay where a salon of one's own lies: it moves to a place of its own, with its pictures.
own_database=database/hound-check.sqlite
demo_database=database/demo.sqlite
demo_files=storage/app/demo
move_demo_of_earlier_version() {
  [ -s "$own_database" ] && [ ! -e "$demo_database" ] || return 0
  # An empty one is a salon of one's own that is still to be set up.
  php -r 'exit((new PDO("sqlite:$argv[1]"))->query("select 1 from staff")->fetchColumn() === false ? 1 : 0);' "$own_database" 2>/dev/null || return 0
  DB_DATABASE="$PWD/$own_database" SALON_DEMO=true php artisan demo:fill --is-demo >/dev/null 2>&1 || return 0
  local part
  for part in '' -wal -shm; do
    [ -e "$own_database$part" ] && mv "$own_database$part" "$demo_database$part"
  done
  mkdir -p "$demo_files"
  [ -d storage/app/private/photos ] && mv storage/app/private/photos "$demo_files/photos"
  printf '   The demo of an earlier version was moved to %s.\n' "$demo_database"
}

# serve PORT NAME [command …]: the application on this machine, with a command beside it, until Ctrl+C.
served=()
end_served() {
  local group
  for group in "${served[@]}"; do kill -- -"$group" 2>/dev/null; done
}
serve() {
  local port="$1" name="$2"
  shift 2
  if php -r "exit(@fsockopen('127.0.0.1', (int) '$port') ? 0 : 1);"; then
    echo "Something already listens on port $port. Stop it, or choose another: PORT=8099 $name" >&2
    exit 1
  fi
  trap end_served EXIT
  trap 'exit 0' INT TERM
  # The leading colon keeps PHP's own folder of settings. The workers of PHP's own server outlive it: the whole group ends.
  PHP_INI_SCAN_DIR=":$PWD/bin/php.d" PHP_CLI_SERVER_WORKERS=4 setsid php artisan serve --no-reload --host=127.0.0.1 --port="$port" --quiet &
  served+=("$!")
  if [ "$#" -gt 0 ]; then
    setsid "$@" >/dev/null 2>&1 &
    served+=("$!")
  fi
  wait "${served[0]}"
}

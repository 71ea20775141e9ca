# ./hopsel start: installs, builds, starts a private database and the application, and stops both on Ctrl-C.

port=8080
demo=true
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port="${2:-}"; shift; [[ "$port" =~ ^[0-9]+$ ]] && [ "$port" -ge 1 ] && [ "$port" -le 65535 ] \
      || fail "--port wants a number from 1 to 65535, not '$port'" ;;
    --no-demo) demo=false ;;
    *) fail "start does not know '$1'; it takes --port N and --no-demo" ;;
  esac
  shift
done

install_missing java default-jdk-headless mvn maven npm npm mariadbd mariadb-server mariadb-admin mariadb-client
port_taken "$port" && fail "port $port is in use; choose another with --port N"
room "$state" 300

. "$here/scripts/archive.sh"
backups="${HOPSEL_BACKUPS:-$state/backups}"
app_pid=
keeper_pid=
stop_all() {
  trap - EXIT INT TERM HUP
  [ -n "$keeper_pid" ] && kill "$keeper_pid" 2>/dev/null
  [ -n "$app_pid" ] && alive "$app_pid" && kill "$app_pid" 2>/dev/null && wait "$app_pid" 2>/dev/null
  stop_database
}
trap stop_all EXIT
trap 'exit 0' INT TERM HUP

build web hopsel-web.jar
mkdir -p "$state"
exec 9>"$state/lock"
flock -n 9 || fail "Hopsel already runs from this folder"
[ -n "${HOPSEL_DB_URL:-}" ] || start_database "$state/db" 9>&-

# A house is backed up before the first start of another version, and every night; a page can ask for it, too.
newest="$(ls "$here/web/src/main/resources/db/migration" | sort -V | tail -1)"
if [ -s "$state/version" ] && [ "$(cat "$state/version")" != "$newest" ]; then
  echo "hopsel: another version; backing up first" >&2
  before="$backups/before-upgrade-$(date +%Y-%m-%d-%H%M).tar.gz"
  make_archive "$before" && prove_archive "$before" || fail "the backup before the upgrade failed, so nothing was upgraded; see above"
  keep_newest "$backups" before-upgrade- 5
fi

keep_backups() {
  local night file
  night="$(date +%Y-%m-%d)"
  while sleep 10; do
    if [ -e "$backups/wanted" ] || { [ "$(date +%Y-%m-%d)" != "$night" ] && [ "$(date +%H)" -ge 3 ]; }; then
      night="$(date +%Y-%m-%d)"
      rm -f "$backups/wanted"
      file="$backups/hopsel-$(date +%Y-%m-%d-%H%M).tar.gz"
      if make_archive "$file" && prove_archive "$file"; then
        rm -f "$backups/failed"
        keep_newest "$backups" hopsel- 14
      else
        date '+%Y-%m-%d %H:%M' >"$backups/failed"
      fi
    fi
  done
}

# Kept outside the repository, readable by its owner alone.
umask 077
if [ ! -s "$state/first-password" ]; then
  head -c 200 /dev/urandom | tr -dc 'a-z2-9' | head -c 12 >"$state/first-password" || fail "cannot write to .hopsel; is the disk full?"
fi
password="$(cat "$state/first-password")"

mkdir -p "$backups"
start_app() {
  # Tables are changed by an account that only upgrades have; a database that somebody else runs has one account.
  if [ -n "${db_pid:-}" ]; then
    export SPRING_FLYWAY_USER=hopsel_owner SPRING_FLYWAY_PASSWORD
    SPRING_FLYWAY_PASSWORD="$(cat "$state/db/owner-password")"
  fi
  # What of removed guests can be put back is sealed by it; it goes into no backup.
  secret "$state/seal-key"
  HOPSEL_SEAL_KEY="${HOPSEL_SEAL_KEY:-$(cat "$state/seal-key")}" HOPSEL_DEMO="$demo" HOPSEL_FIRST_PASSWORD="$password" HOPSEL_BACKUPS="$backups" \
    java -XX:+UseSerialGC -Xmx640m -jar "$here/web/target/hopsel-web.jar" --server.port="$port" >"$state/app.log" 2>&1 9>&- &
  app_pid=$!
  local waited=0
  until port_taken "$port"; do
    alive "$app_pid" || return 1
    [ "$waited" -ge 120 ] && return 1
    sleep 1
    waited=$((waited + 1))
  done
}

why() { grep -m1 -iE 'error|caused by|exception' "$state/app.log" | cut -c1-300; }

start_app || fail "the application did not come up: $(why). See .hopsel/app.log"
echo "$newest" >"$state/version"
keep_backups >>"$state/backup.log" 2>&1 9>&- &
keeper_pid=$!
if [ -e "$state/own-passwords" ]; then
  echo "Hopsel is at http://127.0.0.1:$port/ - sign in as host with the password that the backup had (Ctrl-C stops it)"
else
  echo "Hopsel is at http://127.0.0.1:$port/ - sign in as host with the password $password (Ctrl-C stops it)"
fi
# Either process may die: it is started again, with patience that grows, and at last given up.
MOST_TRIES=6
app_tries=0
db_tries=0
app_since=$SECONDS
db_since=$SECONDS

# patient NAME TRIES: waits longer each time, and gives up in one clear line.
patient() {
  [ "$2" -le "$MOST_TRIES" ] || fail "$1 died $2 times within minutes and is not started again; see .hopsel/app.log and .hopsel/db/db.log"
  echo "hopsel: $1 died; starting it again in $((1 << ($2 - 1))) s ($2 of $MOST_TRIES)" >&2
  sleep $((1 << ($2 - 1)))
}

while :; do
  sleep 1 &
  wait $!
  if [ -n "${db_pid:-}" ] && ! alive "$db_pid"; then
    wait "$db_pid" 2>/dev/null
    [ $((SECONDS - db_since)) -gt 600 ] && db_tries=0
    db_tries=$((db_tries + 1))
    patient "the database" "$db_tries"
    start_database "$state/db" 9>&-
    db_since=$SECONDS
    echo "hopsel: the database is back" >&2
  fi
  if ! alive "$app_pid"; then
    wait "$app_pid" 2>/dev/null
    [ $((SECONDS - app_since)) -gt 600 ] && app_tries=0
    app_tries=$((app_tries + 1))
    cp "$state/app.log" "$state/app-died.log" 2>/dev/null
    patient "the application" "$app_tries"
    start_app || continue
    app_since=$SECONDS
    echo "hopsel: the application is back" >&2
  fi
done

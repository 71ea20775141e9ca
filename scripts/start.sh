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
HOPSEL_DEMO="$demo" HOPSEL_FIRST_PASSWORD="$password" HOPSEL_BACKUPS="$backups" \
  java -XX:+UseSerialGC -Xmx640m -jar "$here/web/target/hopsel-web.jar" --server.port="$port" >"$state/app.log" 2>&1 9>&- &
app_pid=$!

waited=0
until port_taken "$port"; do
  alive "$app_pid" || fail "the application stopped at once: $(grep -m1 -iE 'error|caused by|exception' "$state/app.log" | cut -c1-300). See .hopsel/app.log"
  [ "$waited" -ge 120 ] && fail "the application did not come up within 120 s; see .hopsel/app.log"
  sleep 1
  waited=$((waited + 1))
done
echo "$newest" >"$state/version"
keep_backups >>"$state/backup.log" 2>&1 9>&- &
keeper_pid=$!
if [ -e "$state/own-passwords" ]; then
  echo "Hopsel is at http://127.0.0.1:$port/ - sign in as host with the password that the backup had (Ctrl-C stops it)"
else
  echo "Hopsel is at http://127.0.0.1:$port/ - sign in as host with the password $password (Ctrl-C stops it)"
fi
wait "$app_pid"
status=$?
alive "$app_pid" || { [ "$status" -eq 0 ] || [ "$status" -eq 143 ] || [ "$status" -eq 130 ] || fail "the application stopped; see .hopsel/app.log"; }

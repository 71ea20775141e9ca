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

app_pid=
stop_all() {
  trap - EXIT INT TERM HUP
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

# Kept outside the repository, readable by its owner alone.
umask 077
if [ ! -s "$state/first-password" ]; then
  head -c 200 /dev/urandom | tr -dc 'a-z2-9' | head -c 12 >"$state/first-password" || fail "cannot write to .hopsel; is the disk full?"
fi
password="$(cat "$state/first-password")"

HOPSEL_DEMO="$demo" HOPSEL_FIRST_PASSWORD="$password" \
  java -XX:+UseSerialGC -Xmx640m -jar "$here/web/target/hopsel-web.jar" --server.port="$port" >"$state/app.log" 2>&1 9>&- &
app_pid=$!

waited=0
until port_taken "$port"; do
  alive "$app_pid" || fail "the application stopped at once: $(grep -m1 -iE 'error|caused by|exception' "$state/app.log" | cut -c1-300). See .hopsel/app.log"
  [ "$waited" -ge 120 ] && fail "the application did not come up within 120 s; see .hopsel/app.log"
  sleep 1
  waited=$((waited + 1))
done
echo "Hopsel is at http://127.0.0.1:$port/ - sign in as host with the password $password (Ctrl-C stops it)"
wait "$app_pid"
status=$?
alive "$app_pid" || { [ "$status" -eq 0 ] || [ "$status" -eq 143 ] || [ "$status" -eq 130 ] || fail "the application stopped; see .hopsel/app.log"; }

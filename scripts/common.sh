# Shared by the commands: what has to be installed, building, and a private MariaDB.

state="$here/.hopsel"

fail() { echo "hopsel: $*" >&2; exit 1; }

# install_missing COMMAND PACKAGE …: installs Debian packages where it may, and says which where it may not.
install_missing() {
  local missing=()
  while [ $# -gt 0 ]; do
    command -v "$1" >/dev/null 2>&1 || [ -x "/usr/sbin/$1" ] || missing+=("$2")
    shift 2
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  local packages
  packages="$(printf '%s\n' "${missing[@]}" | sort -u | tr '\n' ' ')"
  if [ "$(id -u)" -ne 0 ]; then
    fail "these packages are missing; install them and start again:  sudo apt-get update && sudo apt-get install -y --no-install-recommends $packages"
  fi
  echo "hopsel: installing $packages" >&2
  mkdir -p "$state"
  { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages; } \
    >"$state/install.log" 2>&1 || fail "installing $packages failed; see .hopsel/install.log"
}

# room FOLDER MEGABYTES: says so in one line where the disk is full.
room() {
  local free
  mkdir -p "$1" 2>/dev/null || fail "cannot write to $1; is the disk full, or not yours?"
  free=$(df -Pm "$1" | awk 'NR == 2 { print $4 }')
  [ "${free:-0}" -ge "$2" ] || fail "only ${free:-0} MB are free where Hopsel keeps its data; it needs $2 MB. Make room and start again."
}

# build MODULE ARTEFACT: builds a module, and what it stands on, if a source file changed since the artefact was built.
build() {
  local module="$1" artefact="$here/$1/target/$2"
  [ -f "$artefact" ] && [ -z "$(find "$here/pom.xml" "$here/core" "$here/formats" "$here/$module" -name node_modules -prune \
    -o -name target -prune -o -type f -newer "$artefact" \( -path '*/src/main/*' -o -name pom.xml -o -name package-lock.json \) \
    -print -quit)" ] && return
  echo "hopsel: building (a few minutes the first time)" >&2
  mkdir -p "$state"
  # A jar that is there already would keep the libraries that were packed into it.
  rm -f "$artefact"
  (cd "$here" && mvn -q -B package -Dmaven.test.skip=true -pl "$module" -am) >"$state/build.log" 2>&1 \
    || fail "the build failed: $(grep -m1 ERROR "$state/build.log" | cut -c1-300). See .hopsel/build.log"
  touch "$artefact"
}

free_port() {
  local port
  for port in $(shuf -i 20000-50000 -n 50); do
    if ! port_taken "$port"; then echo "$port"; return; fi
  done
  fail "no free port was found"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# A process that ended but was not reaped still answers kill -0.
alive() { [ -n "$1" ] && [ -d "/proc/$1" ] && ! grep -q '^State:[[:space:]]*Z' "/proc/$1/status" 2>/dev/null; }

# start_database FOLDER [MORE OPTIONS]: a private server on loopback; sets db_pid, db_port and HOPSEL_DB_URL.
start_database() {
  local folder="$1" as_root=()
  shift
  [ "$(id -u)" -eq 0 ] && as_root=(--user=root)
  export PATH="$PATH:/usr/sbin"
  mkdir -p "$folder" || fail "cannot write to $folder"
  if [ ! -d "$folder/data/mysql" ]; then
    rm -rf "$folder/data"
    mariadb-install-db --no-defaults "${as_root[@]}" --datadir="$folder/data" --auth-root-authentication-method=normal \
      --skip-test-db >"$folder/install.log" 2>&1 || { rm -rf "$folder/data"; fail "the database could not be set up; see $folder/install.log"; }
  fi
  # A socket's path may have about 100 characters at most.
  db_socket="$folder/db.sock"
  if [ ${#db_socket} -gt 95 ]; then
    db_socket_folder="$(mktemp -d)"
    db_socket="$db_socket_folder/db.sock"
  fi
  # One that is started again is found where it was.
  db_port="${db_port:-$(free_port)}"
  mariadbd --no-defaults "${as_root[@]}" --datadir="$folder/data" --socket="$db_socket" --pid-file="$folder/db.pid" \
    --bind-address=127.0.0.1 --port="$db_port" --skip-name-resolve --character-set-server=utf8mb4 \
    --default-time-zone=+00:00 --performance-schema=OFF --innodb-buffer-pool-size=64M "$@" >"$folder/db.log" 2>&1 &
  db_pid=$!
  local waited=0
  # It answers a ping whether or not it lets anybody in.
  until mariadb-admin --no-defaults --socket="$db_socket" --user=root ping >/dev/null 2>&1; do
    alive "$db_pid" || fail "the database stopped at once: $(grep -i -m1 error "$folder/db.log" | cut -c1-200). See $folder/db.log"
    [ "$waited" -ge "${HOPSEL_DB_PATIENCE:-60}" ] && fail "the database did not come up within ${HOPSEL_DB_PATIENCE:-60} s; see $folder/db.log"
    sleep 1
    waited=$((waited + 1))
  done
  echo "$db_socket" >"$folder/socket"
  prepare_database "$folder" || fail "the database could not be prepared; see $folder/db.log"
  export HOPSEL_DB_URL="jdbc:mariadb://127.0.0.1:$db_port/hopsel" HOPSEL_DB_USER=hopsel HOPSEL_DB_PASSWORD
  HOPSEL_DB_PASSWORD="$(cat "$folder/app-password")"
}

# secret FILE: a password of 32 letters and digits, made once, readable by its owner alone.
secret() {
  if [ ! -s "$1" ]; then
    (umask 077 && head -c 400 /dev/urandom | tr -dc 'A-Za-z0-9' | head -c 32 >"$1") || fail "cannot write to $1; is the disk full?"
  fi
}

# prepare_database FOLDER: root gets a password and is reached by the socket alone; the application has an account of its own,
# which reads and writes rows of its own database and nothing else, and another that changes tables at an upgrade. An older
# database, whose root had no password and whose one account did both, is closed the same way.
prepare_database() {
  local folder="$1" root=(mariadb --no-defaults --socket="$db_socket" --user=root)
  secret "$folder/root-password"
  secret "$folder/app-password"
  secret "$folder/owner-password"
  (umask 077 && printf '[client]\npassword=%s\n' "$(cat "$folder/root-password")" >"$folder/root.cnf")
  if "${root[@]}" -e 'select 1' >/dev/null 2>&1; then
    "${root[@]}" <<SQL || return 1
create database if not exists hopsel character set utf8mb4;
delete from mysql.global_priv where user = '' or (user = 'root' and host <> 'localhost');
flush privileges;
alter user 'root'@'localhost' identified by '$(cat "$folder/root-password")';
SQL
  fi
  mariadb --defaults-file="$folder/root.cnf" --socket="$db_socket" --user=root <<SQL
create user if not exists 'hopsel'@'127.0.0.1', 'hopsel_owner'@'127.0.0.1';
alter user 'hopsel'@'127.0.0.1' identified by '$(cat "$folder/app-password")';
alter user 'hopsel_owner'@'127.0.0.1' identified by '$(cat "$folder/owner-password")';
grant select, insert, update, delete, create, alter, drop, index, references, lock tables, create temporary tables on hopsel.* to 'hopsel_owner'@'127.0.0.1';
grant select, insert, update, delete on hopsel.* to 'hopsel'@'127.0.0.1';
revoke create, alter, drop, index, references, lock tables, create temporary tables on hopsel.* from 'hopsel'@'127.0.0.1';
SQL
}

stop_database() {
  if [ -n "${db_pid:-}" ] && alive "$db_pid"; then
    kill "$db_pid" 2>/dev/null
    wait "$db_pid" 2>/dev/null
  fi
  [ -n "${db_socket_folder:-}" ] && rm -rf "$db_socket_folder"
  db_pid=
}

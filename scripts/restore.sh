# ./hopsel restore FILE: the house as it was when the archive was made. What is here now is put aside, not thrown away.

install_missing mariadbd mariadb-server mariadb-admin mariadb-client
. "$here/scripts/archive.sh"
file="${1:-}"
[ -n "$file" ] || fail "restore wants the file of a backup:  ./hopsel restore .hopsel/backups/hopsel-….tar.gz"
[ -r "$file" ] || fail "cannot read $file"
tar -tzf "$file" hopsel/hopsel.sql >/dev/null 2>&1 || fail "$file is no backup of Hopsel"
[ -z "${HOPSEL_DB_URL:-}" ] || fail "the database is somebody else's (HOPSEL_DB_URL): read hopsel/hopsel.sql of the archive into it yourself"
mkdir -p "$state"
exec 9>"$state/lock"
flock -n 9 || fail "Hopsel runs: stop it first"
fresh="$state/db-restored-$$"
trap 'stop_database; rm -rf "$fresh"' EXIT
start_database "$fresh" 9>&-
tar -xzOf "$file" hopsel/hopsel.sql | mariadb --defaults-file="$fresh/root.cnf" --socket="$db_socket" --user=root hopsel \
  || fail "the backup could not be read; nothing was changed"
[ -n "$(mariadb --defaults-file="$fresh/root.cnf" --socket="$db_socket" --user=root -N -e "show tables from hopsel like 'cooking_class'")" ] \
  || fail "the backup holds no classes; nothing was changed"
stop_database
if [ -d "$state/db" ]; then
  aside="$state/db-before-$(date +%Y-%m-%d-%H%M%S)"
  mv "$state/db" "$aside"
  echo "hopsel: what was here is in $(basename "$aside")"
fi
mv "$fresh" "$state/db"
touch "$state/own-passwords"
trap - EXIT
echo "hopsel: restored; passwords are those of the backup. Start with ./hopsel start"

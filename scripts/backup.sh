# ./hopsel backup [FILE]: one archive of everything; of a house that is open, too.

install_missing mariadbd mariadb-server mariadb-dump mariadb-client
. "$here/scripts/archive.sh"
file="${1:-${HOPSEL_BACKUPS:-$state/backups}/hopsel-$(date +%Y-%m-%d-%H%M).tar.gz}"
if [ -z "${HOPSEL_DB_URL:-}" ]; then
  [ -d "$state/db/data" ] || fail "there is nothing to back up yet: start Hopsel once"
  exec 9>"$state/lock"
  if flock -n 9; then
    trap stop_database EXIT
    start_database "$state/db" 9>&-
  else
    db_socket="$(cat "$state/db/socket" 2>/dev/null)" || fail "Hopsel runs, but its database cannot be found"
  fi
fi
make_archive "$file" || fail "the backup could not be written to $file"
prove_archive "$file" || fail "the backup $file was written, but could not be read back: do not rely on it"
echo "hopsel: backed up to $file, and read back"

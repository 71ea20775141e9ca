# Shared by backup, restore and the nightly backup of a running house: one archive that holds everything, in open formats.

# dump_options: how the database of this house is reached; a server of somebody else's is reached as the application does.
dump_options() {
  if [ -n "${HOPSEL_DB_URL:-}" ] && [ -z "${db_socket:-}" ]; then
    local rest="${HOPSEL_DB_URL#jdbc:mariadb://}"
    local place="${rest%%/*}"
    db_name="${rest#*/}"; db_name="${db_name%%\?*}"
    place="${place%%,*}"
    db_client=("--host=${place%%:*}" "--port=${place##*:}" "--user=${HOPSEL_DB_USER:-root}")
    export MYSQL_PWD="${HOPSEL_DB_PASSWORD:-}"
  else
    db_name=hopsel
    db_client=("--defaults-file=$state/db/root.cnf" "--socket=$db_socket" --user=root)
  fi
}

# make_archive FILE: everything of the house, first beside FILE, so that half an archive is never taken for one.
make_archive() {
  local file="$1" room table
  dump_options
  room="$(mktemp -d)"
  mkdir -p "$(dirname "$file")" "$room/hopsel/classes" "$room/hopsel/recipes" "$room/hopsel/tables" || return 1
  mariadb-dump "${db_client[@]}" --single-transaction --skip-dump-date --hex-blob --no-tablespaces "$db_name" \
    >"$room/hopsel/hopsel.sql" 2>"$room/problem" || { cat "$room/problem" >&2; rm -rf "$room"; return 1; }
  local ask=(mariadb "${db_client[@]}" --batch --raw --skip-column-names "$db_name")
  for id in $("${ask[@]}" -e 'select id from cooking_class'); do
    "${ask[@]}" -e "select document from cooking_class where id = $id" >"$room/hopsel/classes/$id.json"
  done
  for id in $("${ask[@]}" -e 'select id from bench_dish' 2>/dev/null); do
    "${ask[@]}" -e "select document from bench_revision where dish_id = $id order by number desc limit 1" >"$room/hopsel/recipes/$id.json" 2>/dev/null
  done
  # Sessions and passwords are in the dump, and in no table that is there to be read.
  for table in $("${ask[@]}" -e "show tables" | grep -viE '^(spring_session|account|known_device|failed_sign_in|staff_link|flyway)'); do
    mariadb "${db_client[@]}" --batch "$db_name" -e "select * from \`$table\`" >"$room/hopsel/tables/$table.tsv" 2>/dev/null
  done
  cat >"$room/hopsel/README.txt" <<TEXT
Everything of one house of Hopsel, of $(date '+%Y-%m-%d %H:%M').
hopsel.sql    the whole database, as MariaDB reads it: ./hopsel restore takes it from here
classes/      each class as a class file (JSON)
recipes/      each recipe (JSON)
tables/       every table, with tabs between the columns
It holds names, addresses and what people must not eat: keep it as you keep those.
TEXT
  (umask 077 && tar -C "$room" -czf "$file.part" hopsel) && mv "$file.part" "$file"
  local done=$?
  rm -rf "$room"
  return $done
}

# prove_archive FILE: reads the dump into a database beside the real one, compares the number of rows, and throws it away.
prove_archive() {
  local file="$1" table mine theirs faults=0
  dump_options
  [ -n "${db_socket:-}" ] || return 0
  local root=(mariadb "${db_client[@]}" --batch --skip-column-names)
  "${root[@]}" -e 'drop database if exists hopsel_proof; create database hopsel_proof character set utf8mb4' || return 1
  tar -xzOf "$file" hopsel/hopsel.sql | "${root[@]}" hopsel_proof || faults=1
  for table in $("${root[@]}" -e "show tables from hopsel_proof" | grep -viE '^spring_session'); do
    mine="$("${root[@]}" -e "select count(*) from hopsel.\`$table\`")"
    theirs="$("${root[@]}" -e "select count(*) from hopsel_proof.\`$table\`")"
    # A house that is open writes on while it is copied: never fewer than half, never none of many.
    [ "$theirs" -ge $((mine / 2)) ] || faults=1
  done
  [ -n "$("${root[@]}" -e "show tables from hopsel_proof like 'cooking_class'")" ] || faults=1
  "${root[@]}" -e 'drop database hopsel_proof'
  return $faults
}

# keep_newest FOLDER PREFIX COUNT: older archives go.
keep_newest() {
  ls -1t "$1/$2"*.tar.gz 2>/dev/null | tail -n "+$(($3 + 1))" | while read -r old; do rm -f "$old"; done
}

# ./hopsel test: every test, against a fresh private database and Debian's Chromium.

install_missing java default-jdk-headless mvn maven npm npm mariadbd mariadb-server mariadb-admin mariadb-client chromium chromium
room "$state" 500
test_folder="$(mktemp -d "$state/test.XXXXXX")"
end_tests() {
  trap - EXIT INT TERM HUP
  stop_database
  rm -rf "$test_folder"
}
trap end_tests EXIT
trap 'exit 130' INT TERM HUP

# A test database may lose its last second in a power cut; nobody's class depends on it.
start_database "$test_folder" --innodb-flush-log-at-trx-commit=0 --sync-binlog=0
# A schema for each of two that test at a time, and one for a database of an earlier version.
for schema in hopsel_1 hopsel_2 hopsel_before; do
  mariadb --defaults-file="$test_folder/root.cnf" --socket="$db_socket" --user=root -e "create database $schema character set utf8mb4; grant all on $schema.* to 'hopsel'@'127.0.0.1'" || fail "the test schema $schema could not be made"
done
# Without windows that nobody looks at it takes a third less of a processor; the tests are the same in both.
export HOPSEL_BROWSER="${HOPSEL_BROWSER:-$(command -v chromium-headless-shell || command -v chromium)}"
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
cd "$here" && mvn -B -ntp verify "$@"

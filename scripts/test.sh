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
# Without windows that nobody looks at a browser takes a quarter less of a processor: where that one cannot be had, the other
# serves as well.
if ! command -v chromium-headless-shell >/dev/null 2>&1 && [ "$(id -u)" -eq 0 ]; then
  echo "hopsel: looking for chromium-headless-shell" >&2
  timeout 120 sh -c '{ apt-cache show chromium-headless-shell >/dev/null 2>&1 || apt-get update -qq; } &&
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-remove --no-install-recommends chromium-headless-shell' \
    >"$state/browser.log" 2>&1 || echo "hopsel: it is not to be had here; chromium does it" >&2
fi
export HOPSEL_BROWSER="${HOPSEL_BROWSER:-$(command -v chromium-headless-shell || command -v chromium)}"
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
cd "$here" && mvn -B -ntp verify "$@"

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
export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
cd "$here" && mvn -B -ntp verify "$@"

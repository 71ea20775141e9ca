# ./hopsel plan|lists|check|read|lines|items: one JVM for all files.

install_missing java default-jdk-headless mvn maven >&2
build cli hopsel-cli.jar
jar="$here/cli/target/hopsel-cli.jar"

# Loading classes is the most of a short run, so they are kept as the JVM has them in memory. Without this file everything
# works as well, only later.
archive="$here/cli/target/hopsel-cli.jsa"
if [ ! "$archive" -nt "$jar" ] && [ -w "$here/cli/target" ]; then
  first="$here/cli/target/first.$$"
  printf 'Tart\n\n200 g flour\n\nMix. Bake for 20 minutes at 180 C.\n' >"$first.txt"
  java -XX:+UseSerialGC -XX:ArchiveClassesAtExit="$first.jsa" -jar "$jar" read "$first.txt" >/dev/null 2>&1 \
    && mv -f "$first.jsa" "$archive"
  rm -f "$first".*
fi

# Reading is over before a thorough compiler has paid for itself; a search for a plan is not.
compiler=()
case "$1" in read | lines | items) compiler=(-XX:TieredStopAtLevel=1) ;; esac
exec java -XX:+UseSerialGC -XX:SharedArchiveFile="$archive" -Xlog:disable -Xlog:all=error:stderr "${compiler[@]}" -jar "$jar" "$@"

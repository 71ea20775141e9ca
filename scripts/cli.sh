# ./hopsel plan|lists|check FILE…: one JVM for all files.

install_missing java default-jdk-headless mvn maven >&2
jar="$here/cli/target/hopsel-cli.jar"
if stale "$jar"; then build -pl cli -am; fi
exec java -XX:+UseSerialGC -XX:TieredStopAtLevel=4 -Xshare:auto -jar "$jar" "$@"

# ./hopsel plan|lists|check|read|lines|items: one JVM for all files.

install_missing java default-jdk-headless mvn maven >&2
build cli hopsel-cli.jar
exec java -XX:+UseSerialGC -jar "$here/cli/target/hopsel-cli.jar" "$@"

# ./hopsel mutants [PACKAGE …]: changes the core in small ways, one at a time, and counts the changes that no test notices.
# Without a package: those that a guest's safety or a host's money hangs on. The report is in formats/target/pit-reports.

install_missing java default-jdk-headless mvn maven
packages="caution diet guest kit mise provision shop measure log handout"
[ $# -gt 0 ] && packages="$*"
targets=""
for package in $packages; do
  name="hopsel.core.${package#hopsel.core.}"
  targets="$targets${targets:+,}$name.*"
done
cd "$here" && mvn -B -ntp test-compile org.pitest:pitest-maven:mutationCoverage -Pmutants -pl core,formats "-DtargetClasses=$targets"

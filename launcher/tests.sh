# Checks, tests, measurements, and what is made from them.

# The tests' own cluster: it may lose everything, so it does not wait for the disk.
tests_cluster() {
  need_jdk
  need_maven
  cluster_up test "-c fsync=off -c synchronous_commit=off -c full_page_writes=off"
  need_database gerula_test
  need_database gerula_browser
  need_database gerula_killed
  export GERULA_TEST_PORT=$CLUSTER_PORT GERULA_TEST_OWNER=$OWNER_PASSWORD GERULA_TEST_APP=$APP_PASSWORD
}

command_test() {
  local started=$SECONDS only=()
  [ $# -gt 0 ] && only=(-Dtest="$1" -Dsurefire.failIfNoSpecifiedTests=false)
  need_node
  build_web
  need_chromium
  need_zbar
  tests_cluster
  build_settings
  if [ $# -eq 0 ]; then
    step "checking the client"
    (cd "$HERE/web" && logged "$STATE/log/web-check.log" npm run check)
  fi
  step "building and testing (output in .gerula/log/test.log)"
  rm -rf "$HERE"/*/target/surefire-reports
  local result=0
  (cd "$HERE" && mvn -B verify "${only[@]}" "${BUILD_SETTINGS[@]}" > "$STATE/log/test.log" 2>&1) || result=$?
  if [ "$result" = 0 ]; then
    mark_current tables "$TABLES_PRINT"
  else
    grep -E '^\[ERROR\]|FAIL' "$STATE/log/test.log" | head -n 60
  fi
  cluster_down test
  totals
  say "in $((SECONDS - started)) s"
  return "$result"
}

# The plain totals, from the reports of every module.
totals() {
  awk '
    /<testsuite / {
      match($0, / tests="[0-9]+"/);    tests    += substr($0, RSTART + 8, RLENGTH - 9)
      match($0, / errors="[0-9]+"/);   bad      += substr($0, RSTART + 9, RLENGTH - 10)
      match($0, / failures="[0-9]+"/); bad      += substr($0, RSTART + 11, RLENGTH - 12)
      match($0, / skipped="[0-9]+"/);  skipped  += substr($0, RSTART + 10, RLENGTH - 11)
    }
    END { printf "%d passed, %d failed, %d skipped\n", tests - bad - skipped, bad, skipped }
  ' <(cat "$HERE"/*/target/surefire-reports/TEST-*.xml 2> /dev/null | tr '\n' ' ' | sed 's/<testsuite /\n<testsuite /g; s/>/>\n/g')
}

command_types() {
  install_packages web/api-types
  tests_cluster
  build_settings
  step "writing docs/openapi.json"
  (cd "$HERE" && logged "$STATE/log/types.log" mvn -B -q -pl core,app test -Dtest=ApiDocumentTest \
    -Dapi.write=true -Dsurefire.failIfNoSpecifiedTests=false -Dspotless.check.skip=true "${BUILD_SETTINGS[@]}")
  mark_current tables "$TABLES_PRINT"
  cluster_down test
  step "writing the client's types"
  write_types
}

# With "find": finding over HTTP against the same SQL in psql, on a database of its own that is filled
# and emptied for it. Otherwise JMH, with whatever else is given.
command_bench() {
  need_jdk
  need_maven
  [ "${1:-}" = find ] && build_web && cluster_up bench && build_application
  step "building the benchmark"
  (cd "$HERE" && logged "$STATE/log/bench.log" mvn -B -q -pl core,bench package -DskipTests \
    -Dspotless.check.skip=true dependency:build-classpath -Dmdep.outputFile="$STATE/bench.classpath")
  local classes
  classes=$HERE/bench/target/classes:$(cat "$STATE/bench.classpath")
  if [ "${1:-}" = find ]; then
    bench_find "$classes"
  else
    "$JAVA_HOME/bin/java" -cp "$classes" org.openjdk.jmh.Main "$@"
  fi
}

bench_find() {
  local port
  printf 'drop database if exists gerula_bench' | as_admin postgres
  need_database gerula_bench
  port=$(free_port 8520)
  unpack_application
  application_settings "$port" gerula_bench
  step "starting the application on 127.0.0.1:$port"
  (cd "$UNPACKED" && exec "$JAVA_HOME/bin/java" "${JVM_FLAGS[@]}" -jar gerula.jar \
    "${APPLICATION_SETTINGS[@]}" \
    > "$STATE/log/bench-application.log" 2>&1 < /dev/null) &
  APPLICATION_PID=$!
  trap 'kill "$APPLICATION_PID" 2> /dev/null; cluster_down bench' EXIT
  wait_until_it_answers "$port"
  GERULA_TEST_APP=$APP_PASSWORD "$JAVA_HOME/bin/java" -cp "$1" gerula.bench.find.FindBench \
    "http://127.0.0.1:$port" 127.0.0.1 "$CLUSTER_PORT" gerula_bench
}

# PIT over the rules of dates and of the bench: how many changed rules a test notices.
command_mutation() {
  need_jdk
  need_maven
  step "changing the rules one by one (output in .gerula/log/mutation.log)"
  local result=0
  (cd "$HERE" && mvn -B -pl core test-compile org.pitest:pitest-maven:mutationCoverage \
    -Dspotless.check.skip=true > "$STATE/log/mutation.log" 2>&1) || result=$?
  grep -E '^>> (Generated|Line)' "$STATE/log/mutation.log" | sed 's/^>> //'
  return "$result"
}

command_screens() {
  need_chromium
  build_web
  tests_cluster
  build_settings
  step "taking the pictures"
  (cd "$HERE" && logged "$STATE/log/screens.log" mvn -B -q verify -Dtest=ScreensTest -Dscreens=true \
    -Dsurefire.failIfNoSpecifiedTests=false -Dspotless.check.skip=true "${BUILD_SETTINGS[@]}")
  mark_current tables "$TABLES_PRINT"
  cluster_down test
  ls "$HERE/docs/screenshots"
}

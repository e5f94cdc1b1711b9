# Checks, tests, measurements, and what is made from them.

# The tests' own cluster: it may lose everything and holds nothing, so it does not wait for the disk,
# is not tidied, does not take long to be signed in to, and plans a question once a connection.
tests_cluster() {
  need_jdk
  need_maven
  SIGN_IN=md5 cluster_up test "-c fsync=off -c synchronous_commit=off -c full_page_writes=off" \
    "-c wal_level=minimal -c max_wal_senders=0 -c autovacuum=off" \
    "-c plan_cache_mode=force_generic_plan"
  need_database gerula_test
  need_database gerula_first
  need_database gerula_browser
  need_database gerula_killed
  need_database gerula_cold
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
  local result=0 client=""
  if [ $# -eq 0 ]; then
    step "checking the client"
    # Beside the rest: it leaves a processor free most of the time.
    (cd "$HERE/web" && logged "$STATE/log/web-check.log" npm run check) &
    client=$!
  fi
  step "building and testing (output in .gerula/log/test.log)"
  rm -rf "$HERE"/*/target/surefire-reports
  (cd "$HERE" && mvn -B verify "${only[@]}" "${BUILD_SETTINGS[@]}" > "$STATE/log/test.log" 2>&1) || result=$?
  if [ "$result" = 0 ]; then
    mark_current tables "$TABLES_PRINT"
  else
    grep -m 60 -A 6 -E '^\[ERROR\]|FAIL' "$STATE/log/test.log" | cut -c1-400
  fi
  cluster_down test
  [ -z "$client" ] || wait "$client" || result=1
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
  (cd "$HERE" && logged "$STATE/log/types.log" mvn -B -q -pl core,stand-in-shop,app test -Dtest=ApiDocumentTest \
    -Dapi.write=true -Dsurefire.failIfNoSpecifiedTests=false -Dspotless.check.skip=true "${BUILD_SETTINGS[@]}")
  mark_current tables "$TABLES_PRINT"
  cluster_down test
  step "writing the client's types"
  write_types
}

# With "load" or "offers": load plans or the cheapest cover against an exact solver; with "restock"
# simulated years. With "find": finding over HTTP against the same SQL in psql, on a database of its own that is filled
# and emptied for it; with "history" a short history against a long one. Otherwise JMH, with whatever else is given.
command_bench() {
  need_jdk
  need_maven
  if [ "${1:-}" = start ]; then
    bench_start
    return
  fi
  case ${1:-} in find | hostile | history | list) build_web && cluster_up bench && build_application ;; esac
  local with=()
  case ${1:-} in load | offers) with=(-Psolver) ;; esac
  step "building the benchmark"
  (cd "$HERE" && logged "$STATE/log/bench.log" mvn -B -q "${with[@]}" -pl core,bench package -DskipTests \
    -Dspotless.check.skip=true dependency:build-classpath -Dmdep.outputFile="$STATE/bench.classpath")
  local classes
  classes=$HERE/bench/target/classes:$(cat "$STATE/bench.classpath")
  if [ "${1:-}" = find ]; then
    bench_find "$classes"
  elif [ "${1:-}" = hostile ]; then
    bench_hostile "$classes" "${@:2}"
  elif [ "${1:-}" = history ]; then
    bench_parts history.HistoryBench "$classes" "${@:2}"
  elif [ "${1:-}" = load ]; then
    "$JAVA_HOME/bin/java" --enable-native-access=ALL-UNNAMED -cp "$classes" \
      gerula.bench.load.LoadBench "${@:2}"
  elif [ "${1:-}" = offers ]; then
    "$JAVA_HOME/bin/java" --enable-native-access=ALL-UNNAMED -cp "$classes" \
      gerula.bench.offer.OfferBench "${@:2}"
  elif [ "${1:-}" = restock ]; then
    "$JAVA_HOME/bin/java" -cp "$classes" gerula.bench.restock.RestockBench "${@:2}"
  elif [ "${1:-}" = list ]; then
    bench_parts list.ListBench "$classes" "${@:2}"
  else
    "$JAVA_HOME/bin/java" -cp "$classes" org.openjdk.jmh.Main "$@"
  fi
}

# An application on an empty database of its own. Sets BENCH_PORT.
bench_application() {
  printf 'drop database if exists gerula_bench' | as_admin postgres
  need_database gerula_bench
  BENCH_PORT=$(free_port 8520)
  unpack_application
  application_settings "$BENCH_PORT" gerula_bench
  step "starting the application on 127.0.0.1:$BENCH_PORT"
  (cd "$UNPACKED" && exec "$JAVA_HOME/bin/java" "${JVM_FLAGS[@]}" -jar gerula.jar \
    "${APPLICATION_SETTINGS[@]}" \
    > "$STATE/log/bench-application.log" 2>&1 < /dev/null) &
  APPLICATION_PID=$!
  trap 'kill "$APPLICATION_PID" 2> /dev/null; cluster_down bench' EXIT
  wait_until_it_answers "$BENCH_PORT"
}

# Four ordinary clients alone and beside a hostile one. $2: seconds of a phase; $3: rounds.
bench_hostile() {
  bench_application
  "$JAVA_HOME/bin/java" -cp "$1" gerula.bench.hostile.HostileBench \
    "http://127.0.0.1:$BENCH_PORT" "$HERE/demo/workspace.json" "${@:2}"
}

# Answers against what they are made of. $1: history: a short one against a long one ($3: entries
# of the short; $4: of the long; $5: rounds); list: the list of a booking ($3: items; $4: faces).
bench_parts() {
  bench_application
  GERULA_TEST_APP=$APP_PASSWORD GERULA_BENCH_SERVER=$(cat "$CLUSTER/server-password") \
    "$JAVA_HOME/bin/java" -cp "$2" "gerula.bench.$1" \
    "http://127.0.0.1:$BENCH_PORT" 127.0.0.1 "$CLUSTER_PORT" gerula_bench "${@:3}"
}

# Ten starts of what was built before, from the command to the first answer; the median is told.
bench_start() {
  local i times=()
  "$HERE/gerula" stop > /dev/null
  say "one start that prepares what later ones use"
  one_start > /dev/null
  for i in 1 2 3 4 5 6 7 8 9 10; do
    times+=("$(one_start)")
    say "start $i: ${times[-1]} ms"
  done
  printf '%s\n' "${times[@]}" | sort -n | awk '{ a[NR] = $1 } END { printf "median %d ms, most %d ms\n", (a[5] + a[6]) / 2, a[10] }'
}

# Starts it, waits until it answers, ends it; tells the milliseconds.
one_start() {
  local begun
  begun=$(date +%s%3N)
  "$HERE/gerula" start > "$STATE/log/bench-start.log" 2>&1 &
  until grep -q "Ctrl-C ends it." "$STATE/log/bench-start.log" 2> /dev/null; do
    sleep 0.02
    kill -0 $! 2> /dev/null || fail "it did not start." "See $STATE/log/bench-start.log."
  done
  printf '%s' $(($(date +%s%3N) - begun))
  "$HERE/gerula" stop > /dev/null
  wait || true
}

bench_find() {
  bench_application
  GERULA_TEST_APP=$APP_PASSWORD "$JAVA_HOME/bin/java" -cp "$1" gerula.bench.find.FindBench \
    "http://127.0.0.1:$BENCH_PORT" 127.0.0.1 "$CLUSTER_PORT" gerula_bench
}

# The same attacks as in the tests, for long: bad requests, many writers, acts in any order, kills. Takes
# about an hour; PROBE_REQUESTS, PROBE_SECONDS, PROBE_ACTS and PROBE_KILLS make it shorter or longer.
command_probe() {
  local result=0
  need_node
  build_web
  tests_cluster
  build_settings
  step "probing (output in .gerula/log/probe.log)"
  (cd "$HERE" && mvn -B verify -Dtest="BadRequestsTest,ManyWritersTest,AnyOrderTest,KilledTest" -Dsurefire.failIfNoSpecifiedTests=false \
    -Dspotless.check.skip=true -Dprobe.requests="${PROBE_REQUESTS:-50000}" -Dprobe.seconds="${PROBE_SECONDS:-300}" \
    -Dprobe.acts="${PROBE_ACTS:-10000}" -Dprobe.kills="${PROBE_KILLS:-20}" "${BUILD_SETTINGS[@]}" > "$STATE/log/probe.log" 2>&1) || result=$?
  mark_current tables "$TABLES_PRINT"
  grep -m 40 -E 'by status|Killed|Any order|Tests run:|^\[ERROR\]' "$STATE/log/probe.log"
  cluster_down test
  return "$result"
}

# PIT over the rules of dates and the bench, of the kit and packing, of bookings, and of restock: how many
# changed rules a test of the same rooms notices.
command_mutation() {
  need_jdk
  need_maven
  local result=0
  mutation_of 'gerula.core.dates.*,gerula.core.depot.*' || result=$?
  mutation_of 'gerula.core.kit.*,gerula.core.packing.*' || result=$?
  mutation_of 'gerula.core.booking.*,gerula.core.shade.*' || result=$?
  mutation_of 'gerula.core.restock.*,gerula.core.quantity.*' || result=$?
  return "$result"
}

mutation_of() {
  step "changing the rules of $1 one by one (output in .gerula/log/mutation.log)"
  local result=0
  (cd "$HERE" && mvn -B -pl core test-compile org.pitest:pitest-maven:mutationCoverage \
    -DtargetClasses="$1" -DtargetTests="$1" \
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

# The running application: unpacked once, started with what the JVM learnt the first time.

RUN_PORT=8420

application_is_up() {
  local pid
  pid=$(cat "$STATE/application/pid" 2> /dev/null) && [ -n "$pid" ] && grep -qs "gerula-marker=$HERE" "/proc/$pid/cmdline"
}

application_port() { cat "$STATE/application/port" 2> /dev/null; }

# The jar opened up: classes load faster from it, and the start cache needs it.
unpack_application() {
  local print
  print=$(cat "$STATE/built/application")
  UNPACKED=$STATE/unpacked/${print:0:12}${print:64}
  [ -f "$UNPACKED/gerula.jar" ] && return
  rm -rf "$STATE/unpacked"
  mkdir -p "$STATE/unpacked"
  logged "$STATE/log/unpack.log" "$JAVA_HOME/bin/java" -Djarmode=tools -jar "$JAR" extract \
    --destination "$UNPACKED"
}

# $1: port; $2: database, the usual one if left out.
application_settings() {
  APPLICATION_SETTINGS=(
    "--spring.datasource.url=jdbc:postgresql://127.0.0.1:$CLUSTER_PORT/${2:-gerula}"
    "--server.servlet.session.cookie.name=gerula-session-$1"
    "--server.port=$1"
  )
  export SPRING_DATASOURCE_PASSWORD=$APP_PASSWORD SPRING_FLYWAY_PASSWORD=$OWNER_PASSWORD
}

# JDK 25 can keep what it loaded and linked; made once for each build, it halves the start. The run it
# learns from answers as a real one does, so that what the first answers need is kept as well. It may be the
# one that reads the demo, so it pretends the same day. $1: that day, or nothing.
make_start_cache() {
  [ -f "$UNPACKED/start.aot" ] && return
  step "preparing quick starts (once)"
  local port
  port=$(free_port $((RUN_PORT + 1000)))
  application_settings "$port"
  [ -n "$1" ] && APPLICATION_SETTINGS+=("--gerula.today=$1")
  mkdir -p "$STATE/application"
  (
    cd "$UNPACKED" || exit 1
    exec "$JAVA_HOME/bin/java" "${JVM_FLAGS[@]}" -XX:AOTCacheOutput=learnt.aot "-Dgerula-marker=$HERE" \
      -jar gerula.jar "${APPLICATION_SETTINGS[@]}" "--gerula.demo=$HERE/demo" \
      > "$STATE/log/start-cache.log" 2>&1 < /dev/null
  ) &
  local learner=$! waited=0
  # Noted like the application itself, so that whoever ends the start ends this too.
  printf '%s' "$learner" > "$STATE/application/pid"
  until [ "$(http_status "$port" /api/session)" = 200 ]; do
    waited=$((waited + 1))
    kill -0 "$learner" 2> /dev/null && [ "$waited" -lt 600 ] || break
    sleep 0.2
  done
  http_status "$port" / > /dev/null
  kill "$learner" 2> /dev/null || true
  wait "$learner" || true
  rm -f "$STATE/application/pid"
  # Ended before it had learnt everything, it would make every later start slow.
  [ -f "$STATE/application/stopping" ] && exit 0
  [ -f "$UNPACKED/learnt.aot" ] && mv "$UNPACKED/learnt.aot" "$UNPACKED/start.aot"
  [ -f "$UNPACKED/start.aot" ] ||
    say "  (it did not work, starts will take longer; see $STATE/log/start-cache.log)"
}

# The beans were worked out by the build (spring.aot): that spares a second or more at every start.
JVM_FLAGS=(-XX:+UseSerialGC -Xmx1g --enable-native-access=ALL-UNNAMED -Dspring.aot.enabled=true)
# What takes long gives way to what somebody waits for; only root may ask for that.
[ "$(id -u)" = 0 ] && JVM_FLAGS+=(-XX:ThreadPriorityPolicy=1)

# The demo's shop to order at: a small program beside the application, which does without it. Sets
# SHOP_PORT, to nothing when it could not be started.
start_stand_in_shop() {
  stop_stand_in_shop
  SHOP_PORT=$(free_port $((RUN_PORT + 100)))
  "$JAVA_HOME/bin/java" -XX:+UseSerialGC -Xmx48m -XX:TieredStopAtLevel=1 "-Dgerula-marker=$HERE" \
    -jar "$HERE/$SHOP_JAR" "$SHOP_PORT" 1 > "$STATE/log/stand-in-shop.log" 2>&1 < /dev/null &
  printf '%s' $! > "$STATE/application/shop-pid"
}

stop_stand_in_shop() {
  local pid
  pid=$(cat "$STATE/application/shop-pid" 2> /dev/null) && [ -n "$pid" ] &&
    grep -qs "gerula-marker=$HERE" "/proc/$pid/cmdline" && kill "$pid" 2> /dev/null
  rm -f "$STATE/application/shop-pid"
}

# Starts it in the background and waits until it answers. $1: the day to pretend, or nothing.
start_application() {
  local port cache=()
  unpack_application
  make_start_cache "$1"
  port=$(application_port || true)
  port=$(free_port "${port:-$RUN_PORT}")
  application_settings "$port"
  [ -n "$1" ] && APPLICATION_SETTINGS+=("--gerula.today=$1")
  [ -f "$UNPACKED/start.aot" ] && cache=(-XX:AOTCache=start.aot)
  mkdir -p "$STATE/application"
  start_stand_in_shop
  APPLICATION_SETTINGS+=("--gerula.order-desk=http://127.0.0.1:$SHOP_PORT")
  (
    cd "$UNPACKED" || exit 1
    exec "$JAVA_HOME/bin/java" "${JVM_FLAGS[@]}" "${cache[@]}" "-Dgerula-marker=$HERE" -jar gerula.jar \
      "${APPLICATION_SETTINGS[@]}" "--gerula.demo=$HERE/demo" > "$STATE/log/application.log" 2>&1 < /dev/null
  ) &
  APPLICATION_PID=$!
  printf '%s' "$APPLICATION_PID" > "$STATE/application/pid"
  printf '%s' "$port" > "$STATE/application/port"
  wait_until_it_answers "$port"
}

wait_until_it_answers() {
  local waited=0
  until [ "$(http_status "$1" /api/session)" = 200 ]; do
    if ! kill -0 "$APPLICATION_PID" 2> /dev/null; then
      tail -n 30 "$STATE/log/application.log" >&2
      fail "the application ended while it was starting." "Its log is $STATE/log/application.log."
    fi
    sleep 0.1
    waited=$((waited + 1))
    [ "$waited" -lt 1200 ] || fail "the application did not answer within two minutes." \
      "Its log is $STATE/log/application.log."
  done
}

# Status code of a GET on loopback, without needing curl.
http_status() {
  local line
  exec 4<> "/dev/tcp/127.0.0.1/$1" || return 0
  printf 'GET %s HTTP/1.1\r\nHost: 127.0.0.1:%s\r\nConnection: close\r\n\r\n' "$2" "$1" >&4
  IFS=' ' read -r -t 20 _ line _ <&4 || line=
  exec 4>&- 4<&-
  printf '%s' "$line"
} 2> /dev/null

stop_application() {
  local pid
  stop_stand_in_shop
  application_is_up || return 0
  pid=$(cat "$STATE/application/pid")
  kill "$pid" 2> /dev/null || true
  for _ in $(seq 100); do
    kill -0 "$pid" 2> /dev/null || break
    sleep 0.1
  done
  kill -9 "$pid" 2> /dev/null || true
  rm -f "$STATE/application/pid"
}

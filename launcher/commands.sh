# What a person can ask for.

command_help() {
  cat << 'TEXT'
./gerula start [--today 2031-04-14]   builds what is needed and runs Gerula on 127.0.0.1; Ctrl-C ends it
./gerula stop                         ends the application and its database
./gerula status [--json]              where it runs, the demo sign-in, where the data lies
./gerula test [name]                  runs every check and test, or the test classes so named
./gerula bench [find|hostile|history|list|load|offers|restock|start]
                                      measures the packing list, in the core and over HTTP; finding against
                                      psql; ordinary clients beside a hostile one; a short
                                      history against a long one; load plans against
                                      and cheapest covers against an exact solver;
                                      years of ordering; ten starts
./gerula probe                        attacks it for half an hour: bad requests, many writers, kills
./gerula mutation                     changes the rules of dates and the bench, and counts what tests notice
./gerula screens                      makes docs/screenshots from the demo
./gerula format                       puts the sources in order
./gerula types                        writes the API document and the client's types from it
./gerula help                         this
TEXT
}

command_start() {
  local today=
  while [ $# -gt 0 ]; do
    case $1 in
      --today)
        today=${2:-}
        date -d "$today" +%F > /dev/null 2>&1 && [[ $today =~ ^[0-9]{4}-[0-9]{2}-[0-9]{2}$ ]] ||
          fail "\"$today\" is not a day." "Write it like 2031-04-14."
        shift 2
        ;;
      *) fail "start does not know \"$1\"." "Try ./gerula help." ;;
    esac
  done
  hold_the_lock
  rm -f "$STATE/application/stopping"
  if application_is_up; then
    say "Gerula is running already."
    command_status
    return
  fi
  mkdir -p "$STATE/application"
  printf '%s' $$ > "$STATE/application/watcher"
  need_jdk
  build_web
  cluster_up run
  trap end_everything EXIT
  trap 'exit 0' INT TERM HUP
  build_application
  need_database gerula
  step "starting"
  start_application "$today"
  say
  command_status
  say
  say "Ctrl-C ends it."
  release_the_lock
  watch_over_it
}

# One start at a time in this folder.
hold_the_lock() {
  mkdir -p "$STATE"
  exec 9> "$STATE/lock"
  flock -n 9 || fail "another ./gerula is starting here." "Wait for it, or end it with ./gerula stop."
}

# Unlocked rather than only closed: the application and the database have inherited it.
release_the_lock() {
  flock -u 9
  exec 9>&-
}

end_everything() {
  trap - EXIT INT TERM HUP
  say "Ending."
  stop_application
  cluster_down run
}

# Ends when the application ends; brings the database back when that was killed.
watch_over_it() {
  while kill -0 "$APPLICATION_PID" 2> /dev/null; do
    sleep 1 &
    wait -n $! "$APPLICATION_PID" || true
    if kill -0 "$APPLICATION_PID" 2> /dev/null && ! [ -f "$STATE/application/stopping" ] && ! cluster_is_up; then
      say "The database had ended; starting it again."
      (KEEP_PORT=1 PATIENCE=600 start_cluster) || true
      cluster_is_up && say "The database is back."
    fi
  done
  if [ -f "$STATE/application/stopping" ]; then
    # "stop" ends the rest; by now the next start may be at work in this folder.
    trap - EXIT
  else
    say "The application has ended. Its log is $STATE/log/application.log."
  fi
}

command_stop() {
  mkdir -p "$STATE/application"
  touch "$STATE/application/stopping"
  stop_application
  cluster_down run
  cluster_down test
  cluster_down bench
  wait_for_the_watcher
  say "Gerula is stopped. The data stay in $STATE."
}

# The command that started it ends a moment after the application; a new start shall not meet it.
wait_for_the_watcher() {
  local watcher
  watcher=$(cat "$STATE/application/watcher" 2> /dev/null) || return 0
  for _ in $(seq 50); do
    grep -qs gerula "/proc/$watcher/cmdline" || break
    sleep 0.1
  done
  rm -f "$STATE/application/watcher"
}

command_status() {
  local up=false starting=false port address=
  cluster_folder run
  port=$(application_port || true)
  if [ -n "$port" ] && application_is_up && [ "$(http_status "$port" /api/session)" = 200 ]; then
    up=true
    address=http://127.0.0.1:$port
  elif is_starting; then
    starting=true
  fi
  if [ "${1:-}" = --json ]; then
    printf '{"running":%s,"starting":%s,"address":"%s","demo":{"email":"%s","passphrase":"%s"},"data":"%s"}\n' \
      "$up" "$starting" "$address" "$DEMO_EMAIL" "$DEMO_PASSPHRASE" "$CLUSTER"
    return
  fi
  if [ "$starting" = true ]; then
    say "Gerula is starting."
  elif [ "$up" = true ]; then
    say "Gerula runs at $address"
    say "Demo sign-in: $DEMO_EMAIL with the passphrase $DEMO_PASSPHRASE"
  else
    say "Gerula is not running. ./gerula start runs it."
  fi
  say "The data lie in $CLUSTER"
}

# A start holds the lock until the application answers; after that the process alone may still be busy.
is_starting() {
  application_is_up && return
  (
    exec 8> "$STATE/lock"
    ! flock -n 8
  ) 2> /dev/null
}

command_format() {
  need_jdk && need_maven && need_node
  (cd "$HERE" && mvn -B -q spotless:apply)
  install_packages web
  (cd "$HERE/web" && npm run format)
}

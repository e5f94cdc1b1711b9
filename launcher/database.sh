# A PostgreSQL cluster of the project's own, on loopback only.
#
# A cluster has a folder with: data (the server's), port, passwords of its two roles, log.

# As root the server must run as somebody else; that user must be able to walk to the data.
as_server() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && runuser -u "$SERVER_USER" -- "$@")
  else
    "$@"
  fi
}

server_user() {
  if getent passwd postgres > /dev/null; then echo postgres; else echo nobody; fi
}

# Sets CLUSTER, the folder of the cluster called $1.
cluster_folder() {
  SERVER_USER=$(server_user)
  CLUSTER=$STATE/$1
  if [ "$(id -u)" = 0 ] && ! as_server test -x "$HERE" 2> /dev/null; then
    # The server's user may not enter this folder's parents (a home folder of root's, say).
    CLUSTER=/var/lib/gerula/$(printf '%s' "$HERE" | sha256sum | cut -c1-12)/$1
    mkdir -p "$(dirname "$(dirname "$CLUSTER")")"
  fi
  mkdir -p "$CLUSTER"
}

free_port() {
  local port=$1
  while port_is_taken "$port"; do port=$((port + 1)); done
  printf '%s' "$port"
}

port_is_taken() {
  (exec 3<> "/dev/tcp/127.0.0.1/$1") 2> /dev/null
}

secret() {
  head -c 24 /dev/urandom | base64 | tr -d '/+=\n'
}

cluster_is_up() {
  [ -f "$CLUSTER/port" ] && server_is_alive && as_server "$PG_BIN/pg_ctl" status -D "$CLUSTER/data" > /dev/null 2>&1
}

# Whether the process the server noted is a running server: not another program that got its number,
# and not a killed one that nobody has collected yet.
server_is_alive() {
  local pid
  pid=$(as_server head -n 1 "$CLUSTER/data/postmaster.pid" 2> /dev/null) || return 1
  grep -qs '^Name:.*postgres' "/proc/$pid/status" && ! grep -qs '^State:.*Z' "/proc/$pid/status"
}

# Starts the cluster called $1, making it the first time. $2 and further: server settings.
cluster_up() {
  local name=$1
  shift
  need_postgres
  cluster_folder "$name"
  [ -f "$CLUSTER/ready" ] || make_cluster
  cluster_is_up || start_cluster "$@"
  CLUSTER_PORT=$(cat "$CLUSTER/port")
  OWNER_PASSWORD=$(cat "$CLUSTER/owner-password")
  APP_PASSWORD=$(cat "$CLUSTER/app-password")
}

# How roles prove who they are; the tests open a thousand connections, and each takes long by this.
SIGN_IN=scram-sha-256

make_cluster() {
  step "making a database cluster in $CLUSTER"
  rm -rf "$CLUSTER"
  mkdir -p "$CLUSTER"
  (
    umask 077
    secret > "$CLUSTER/server-password"
    secret > "$CLUSTER/owner-password"
    secret > "$CLUSTER/app-password"
  )
  local admin_file=$CLUSTER/server-password
  if [ "$(id -u)" = 0 ]; then chown -R "$SERVER_USER" "$CLUSTER"; fi
  logged "$STATE/log/initdb.log" as_server "$PG_BIN/initdb" -D "$CLUSTER/data" -U gerula_server \
    --pwfile="$admin_file" --auth="$SIGN_IN" --encoding=UTF8 --locale=C.UTF-8
  start_cluster
  CLUSTER_PORT=$(cat "$CLUSTER/port")
  as_admin postgres > /dev/null << SQL
set password_encryption = '$SIGN_IN';
create role gerula_owner login nosuperuser nobypassrls createdb password '$(cat "$CLUSTER/owner-password")';
create role gerula_app login nosuperuser nobypassrls nocreatedb nocreaterole password '$(cat "$CLUSTER/app-password")';
SQL
  touch "$CLUSTER/ready"
}

as_admin() {
  PGPASSWORD=$(cat "$CLUSTER/server-password") "$PG_BIN/psql" -X -q -A -t -v ON_ERROR_STOP=1 \
    -h 127.0.0.1 -p "$CLUSTER_PORT" -U gerula_server -d "$1"
}

# Short questions are answered sooner than compiled; a table of 20,000 rows goes in without a pause.
SERVER_SETTINGS="-c jit=off -c shared_buffers=256MB -c max_wal_size=2GB"

# Starts the server on the cluster's port. What a killed one left behind may hold the data for a while
# (a backend that has not noticed yet, a process nobody has collected): the server's own lock says when
# it is safe, so it is never taken away by hand, only waited for, ever longer, for some minutes.
# $1 and further: server settings. PATIENCE: seconds to wait in all.
start_cluster() {
  local port pause=1 until=$((SECONDS + ${PATIENCE:-120}))
  port=$(cat "$CLUSTER/port" 2> /dev/null || free_port $((20000 + RANDOM % 20000)))
  # Whoever is connected to a running application expects the server where it was.
  if [ -z "${KEEP_PORT:-}" ] && port_is_taken "$port"; then port=$(free_port "$port"); fi
  printf '%s' "$port" > "$CLUSTER/port"
  until start_server "$port" "$@"; do
    if cluster_is_up; then return 0; fi
    [ "$SECONDS" -lt "$until" ] || return_cluster_failed
    say "  (the database is not ready to start yet; trying again in $pause s)"
    sleep "$pause"
    pause=$((pause < 16 ? pause * 2 : 16))
  done
}

start_server() {
  local port=$1
  shift
  as_server "$PG_BIN/pg_ctl" start -w -t 60 -D "$CLUSTER/data" -l "$CLUSTER/data/server.log" \
    -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $SERVER_SETTINGS $*" \
    < /dev/null > /dev/null 2>&1
}

return_cluster_failed() {
  as_server tail -n 15 "$CLUSTER/data/server.log" >&2
  fail "the database did not start." "Its log is $CLUSTER/data/server.log. Nothing in it was changed." \
    "If it says that another server holds the data, end that one, then start again."
}

cluster_down() {
  cluster_folder "$1"
  PG_BIN=$(postgres_bin) || return 0
  [ -d "$CLUSTER/data" ] || return 0
  as_server "$PG_BIN/pg_ctl" stop -w -m fast -D "$CLUSTER/data" > /dev/null 2>&1 || true
}

# Makes the database $1 in the running cluster unless it is there, with the two schemas in it.
need_database() {
  local there
  there=$(printf "select 1 from pg_database where datname = '%s'" "$1" | as_admin postgres | tr -dc 1)
  [ "$there" = 1 ] && return
  printf 'create database %s owner gerula_owner' "$1" | as_admin postgres > /dev/null
}

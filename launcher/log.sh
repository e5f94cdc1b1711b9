# Words to the person at the terminal.

say() { printf '%s\n' "$*"; }

step() { printf '· %s\n' "$*"; }

# Ends with what was not done and what to do about it.
fail() {
  printf 'Not done: %s\n' "$1" >&2
  shift
  for line in "$@"; do printf '  %s\n' "$line" >&2; done
  exit 1
}

# Runs a command with its output in a log; shows the end of the log when it fails.
logged() {
  local log=$1
  shift
  mkdir -p "$(dirname "$log")"
  if ! "$@" > "$log" 2>&1; then
    tail -n 40 "$log" >&2
    fail "\"$1\" ended with an error." "The whole output is in $log."
  fi
}

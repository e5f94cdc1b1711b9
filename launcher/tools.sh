# What the machine must have: found, or installed, or asked for in one line.

apt_install() {
  local missing=("$@")
  if [ "$(id -u)" != 0 ] || ! command -v apt-get > /dev/null; then
    fail "these packages are missing: ${missing[*]}" \
      "Install them with: sudo apt-get install --no-install-recommends ${missing[*]}"
  fi
  step "installing ${missing[*]}"
  logged "$STATE/log/apt.log" apt-get update
  logged "$STATE/log/apt.log" env DEBIAN_FRONTEND=noninteractive \
    apt-get install -y --no-install-recommends "${missing[@]}"
}

find_jdk() {
  local candidate
  for candidate in "${JAVA_HOME:-}" /usr/lib/jvm/*25* "$HOME"/.sdkman/candidates/java/25*; do
    # Its note of what it is: asking javac itself takes a third of a second.
    if [ -x "$candidate/bin/javac" ] && grep -qs '^JAVA_VERSION="25[."]' "$candidate/release"; then
      export JAVA_HOME=$candidate
      return 0
    fi
  done
  return 1
}

need_jdk() {
  find_jdk && return
  if apt-cache show openjdk-25-jdk-headless > /dev/null 2>&1; then
    apt_install openjdk-25-jdk-headless
    find_jdk && return
  fi
  fail "there is no JDK 25 on this machine." \
    "Unpack one anywhere and set JAVA_HOME to it, or put it under /usr/lib/jvm."
}

need_maven() {
  command -v mvn > /dev/null || apt_install maven
}

# The web build wants Node 20.19 or newer. Debian's own may be older; then the npm registry's build of
# it is kept in the project's folder.
need_node() {
  export PATH="$STATE/node/node_modules/.bin:$STATE/node/node_modules/node/bin:$PATH"
  command -v npm > /dev/null || apt_install nodejs npm
  node_is_new_enough && return
  step "fetching a newer Node"
  logged "$STATE/log/node.log" npm install --prefix "$STATE/node" --no-save node@22
  hash -r
  node_is_new_enough || fail "Node 20.19 or newer is needed, this is $(node --version)." \
    "Install a newer one and put it first in PATH."
}

node_is_new_enough() {
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2> /dev/null
}

need_postgres() {
  PG_BIN=$(postgres_bin) && return
  if [ "$(id -u)" = 0 ] && command -v apt-get > /dev/null && ! dpkg -s postgresql-common > /dev/null 2>&1; then
    # Debian would start a cluster of its own; Gerula neither needs nor touches one.
    apt_install postgresql-common
    sed -i 's/^#\?create_main_cluster.*/create_main_cluster = false/' /etc/postgresql-common/createcluster.conf
  fi
  apt_install postgresql
  PG_BIN=$(postgres_bin) || fail "the PostgreSQL server was installed but cannot be found." \
    "Look for initdb under /usr/lib/postgresql."
}

postgres_bin() {
  local dir
  dir=$(ls -d /usr/lib/postgresql/*/bin 2> /dev/null | sort -V | tail -n 1)
  [ -n "$dir" ] && [ -x "$dir/initdb" ] && printf '%s' "$dir"
}

need_chromium() {
  command -v chromium-headless-shell > /dev/null || apt_install chromium-headless-shell
}

# The second decoder that reads the labels in the tests.
need_zbar() {
  command -v zbarimg > /dev/null || apt_install zbar-tools
}

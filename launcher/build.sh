# From sources to the packaged application. What has not changed is not built again.

fingerprint() {
  (cd "$HERE" && find "$@" -type f -not -path '*/node_modules/*' -not -path '*/target/*' \
    -not -path 'web/dist/*' -not -path 'web/src/api/types.ts' -print0 | sort -z | xargs -0 sha256sum) | sha256sum | cut -d' ' -f1
}

is_current() {
  [ -f "$STATE/built/$1" ] && [ "$(cat "$STATE/built/$1")" = "$2" ]
}

mark_current() {
  mkdir -p "$STATE/built"
  printf '%s' "$2" > "$STATE/built/$1"
}

build_web() {
  local print
  print=$(fingerprint web docs/openapi.json)
  if is_current web "$print" && [ -f "$HERE/web/dist/index.html" ]; then return; fi
  need_node
  install_packages web
  install_packages web/api-types
  write_types
  step "building the pages"
  (cd "$HERE/web" && logged "$STATE/log/web.log" npm run build)
  mark_current web "$print"
}

# The client's types are made from the API's document, which a test holds to what the application answers.
write_types() {
  (cd "$HERE/web/api-types" && logged "$STATE/log/types.log" npm run write)
}

install_packages() {
  local print
  print=$(fingerprint "$1/package-lock.json")
  if is_current "packages-$(basename "$1")" "$print" && [ -d "$HERE/$1/node_modules" ]; then return; fi
  step "fetching the packages of $1"
  # Not "npm ci": it wants every platform's optional packages, and not every registry has them all.
  (cd "$HERE/$1" && logged "$STATE/log/npm.log" npm install --no-save --no-audit --no-fund)
  mark_current "packages-$(basename "$1")" "$print"
}

# Maven's settings for the build database of the running cluster.
build_settings() {
  need_database gerula_build
  local print
  print=$(fingerprint app/src/main/resources/db app/pom.xml)
  BUILD_SETTINGS=(
    "-Dbuild.db.url=jdbc:postgresql://127.0.0.1:$CLUSTER_PORT/gerula_build"
    "-Dbuild.db.password=$OWNER_PASSWORD"
  )
  if is_current tables "$print" && [ -d "$STATE/generated/jooq" ]; then
    BUILD_SETTINGS+=(-Dcodegen.skip=true)
  fi
  TABLES_PRINT=$print
}

# The program that stands in for a shop to which orders are sent.
SHOP_JAR=stand-in-shop/target/stand-in-shop.jar

build_application() {
  local print
  print=$(fingerprint core/src app/src stand-in-shop/src core/pom.xml app/pom.xml stand-in-shop/pom.xml pom.xml)-$(cut -c1-12 "$STATE/built/web")
  JAR=$HERE/app/target/gerula.jar
  if is_current application "$print" && [ -f "$JAR" ] && [ -f "$HERE/$SHOP_JAR" ]; then return; fi
  need_maven
  build_settings
  step "building the application (a few minutes the first time)"
  (cd "$HERE" && logged "$STATE/log/build.log" mvn -B -q -pl core,stand-in-shop,app package -DskipTests \
    -Dspotless.check.skip=true "${BUILD_SETTINGS[@]}")
  mark_current tables "$TABLES_PRINT"
  mark_current application "$print"
}

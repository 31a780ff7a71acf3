#!/usr/bin/env bash
# Every check there is, its own set-up included. Ends with one line: N passed, N failed.
source "$(dirname "$0")/ready.sh"

if [ ! -x "${CHROMIUM_PATH:-/usr/bin/chromium}" ]; then
  say "Installing Chromium"
  [ "$(id -u)" = 0 ] || stop "Chromium is missing and installing it needs root: apt-get install chromium, or set CHROMIUM_PATH."
  apt-get update -qq && apt-get install -y -qq --no-install-recommends chromium >/dev/null
fi

passed=0
failed=0
reports=$(mktemp -d)
trap 'rm -rf "$reports"' EXIT

# Runs a check beside others; what it said is shown when its turn comes.
beside() {
  local name=$1
  shift
  { if "$@" >"$reports/$name.out" 2>&1; then echo 0; else echo 1; fi >"$reports/$name.code"; } &
}

# Tells what a check said, and counts it.
tell() {
  local name=$1 words=$2
  say "$words"
  cat "$reports/$name.out"
  if [ "$(cat "$reports/$name.code")" = 0 ]; then passed=$((passed + 1)); else failed=$((failed + 1)); echo "FAILED: $words"; fi
}

check() {
  local name=$1
  shift
  say "$name"
  if "$@"; then passed=$((passed + 1)); else failed=$((failed + 1)); echo "FAILED: $name"; fi
}

# Counts single tests from a report of Vitest or Playwright.
count() {
  local counts
  counts=$(node scripts/count-tests.mjs "$1") || { failed=$((failed + 1)); return; }
  passed=$((passed + ${counts% *}))
  failed=$((failed + ${counts#* }))
}

npx next typegen >/dev/null 2>&1 || true
no_host() { ! grep -q '"resolved"' package-lock.json; }

# Two cores, two at a time: the long one beside the short ones.
beside lint npm run --silent lint
types_and_rooms() { npm run --silent types && npm run --silent rooms && npm run --silent map && no_host; }
beside types types_and_rooms
wait
tell lint "Lint and format"
tell types "Types, rooms, the map, and no host in the lock file"
say "Unit tests, with the floor of coverage for each room"
npx vitest run --coverage --reporter=dot --reporter=json --outputFile.json="$reports/unit.json" && covered=0 || covered=1
count "$reports/unit.json"
# Vitest ends with an error when a test fails or a room is below its floor; failed tests were counted above.
check "Coverage" test "$covered" = 0
check "Build" build_if_changed
check "Weight of the pages" npm run --silent sizes
say "Journeys in the browser"
PLAYWRIGHT_JSON_OUTPUT_NAME="$reports/e2e.json" npx playwright test --reporter=list,json || true
count "$reports/e2e.json"

printf '\n%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" -eq 0 ]

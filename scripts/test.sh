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
reports=$(mktemp -d)
trap 'rm -rf "$reports"' EXIT

npx next typegen >/dev/null 2>&1 || true
check "Lint and format" npm run --silent lint
check "Types" npm run --silent types
check "Rooms" npm run --silent rooms
check "No host in the lock file" bash -c '! grep -q "\"resolved\"" package-lock.json'
say "Unit tests"
npx vitest run --reporter=default --reporter=json --outputFile.json="$reports/unit.json" || true
count "$reports/unit.json"
check "Build" build_if_changed
say "Journeys in the browser"
PLAYWRIGHT_JSON_OUTPUT_NAME="$reports/e2e.json" npx playwright test --reporter=list,json || true
count "$reports/e2e.json"

printf '\n%s passed, %s failed\n' "$passed" "$failed"
[ "$failed" -eq 0 ]

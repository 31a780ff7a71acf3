#!/usr/bin/env bash
# The quick lane for what was changed: lint and format of the changed files, types, the rules between rooms, and the tests of the
# changed rooms with those of what was signed. What reaches further is for npm test. npm run check [-- BASE], BASE being what the change is measured from (the last commit when absent).
source "$(dirname "$0")/ready.sh"

base="${1:-HEAD}"
changed=$( (git diff --name-only --diff-filter=d "$base"; git ls-files --others --exclude-standard) | sort -u)
code=$(printf '%s\n' "$changed" | grep -E '\.(ts|tsx|mts|mjs)$' | grep -vE '^bench/bare/|migrations/' || true)
if [ -z "$code" ]; then say "Nothing but words was changed."; npm run --silent map; exit 0; fi

failed=0
out=$(mktemp -d)
trap 'rm -rf "$out"' EXIT
run() { local name=$1; shift; { if "$@" >"$out/$name" 2>&1; then echo 0; else echo 1; fi >"$out/$name.code"; } & }
tell() { if [ "$(cat "$out/$1.code")" != 0 ]; then say "$1"; cat "$out/$1"; failed=1; else say "$1: good"; fi; }

# shellcheck disable=SC2086
lint() { npx biome format $code && npx eslint --cache --cache-location .next/cache/eslint/ --max-warnings 0 $code; }
types() { npm run --silent types && npm run --silent rooms && npm run --silent map; }
# A room is a folder of core, app or ui, or one of the folders beside them; a file of core that stands alone is its own.
rooms=$(printf '%s\n' "$code" | sed -E 's#^(app/exam/[^/]+/[^/.]+|(core|app|ui)/[^/.]+).*#\1#; t; s#^([^/]+)/.*#\1/#' | sort -u)
# shellcheck disable=SC2086
tests() { npx vitest run --passWithNoTests --reporter=dot $rooms core/exchange/golden core/edition; }
run lint lint
run types types
run tests tests
wait
for name in lint types tests; do tell "$name"; done
exit "$failed"

#!/usr/bin/env bash
# Measured comparisons; builds what it compares first. npm run bench
source "$(dirname "$0")/ready.sh"
build_if_changed
npx next build bench/bare >/dev/null
npx tsx bench/run.ts

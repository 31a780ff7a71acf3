#!/usr/bin/env bash
# Tries what is promised of the server on the built program: npm run proofs [-- SHARE]. All of it takes some minutes.
source "$(dirname "$0")/ready.sh"
build_if_changed
npx tsx bench/proofs/run.ts "$@"

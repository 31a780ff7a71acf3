#!/usr/bin/env bash
# npm run --silent evaluate -- FILE.json ...   one line of JSON a file on standard output.
# Everything else, set-up included, goes to standard error.
here=$(dirname "$0")
if [ ! -x "$here/../node_modules/.bin/tsx" ]; then (source "$here/ready.sh") >&2 || exit 1; fi
# File names are the caller's, so they are read from where the command was given.
export EVALUATE_FROM="${INIT_CWD:-$PWD}"
cd "$here/.." && exec node --import tsx scripts/evaluate.ts "$@"

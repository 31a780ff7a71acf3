#!/usr/bin/env bash
# npm run --silent export -- --person 101 --format fhir --out FILE      npm run --silent import -- FILE ...
# Standard output holds what was asked for and nothing else; everything else, set-up included, goes to standard error.
here=$(dirname "$0")
what=$1
shift
if [ ! -x "$here/../node_modules/.bin/tsx" ]; then (source "$here/ready.sh") >&2 || exit 1; fi
# File names are the caller's, so they are read from where the command was given.
export OUTSIDE_FROM="${INIT_CWD:-$PWD}"
cd "$here/.." && exec node --import tsx "scripts/$what.ts" "$@"

#!/usr/bin/env bash
# Installs, builds, migrates, fills the demo clinic and starts on loopback.
#   npm run demo              keeps the data of the last time
#   npm run demo -- --reset   starts with a fresh demo clinic; the old data is moved aside
source "$(dirname "$0")/ready.sh"

port="${PORT:-4321}"
# Loopback unless told otherwise: a phone needs HOST_ADDRESS=0.0.0.0 with DEMO_ON_NETWORK=yes, and the same network.
host="${HOST_ADDRESS:-127.0.0.1}"
reset=""
for word in "$@"; do
  case "$word" in
    --reset) reset="--reset" ;;
    *) stop "“$word” is not known here. Only --reset is." ;;
  esac
done

build_if_changed
npx tsx scripts/seed.ts $reset
say "Dust Lantern: http://$host:$port   (Ctrl+C ends it; the data stays in ${DUST_LANTERN_DATA:-data}/)"
HOST_ADDRESS="$host" PORT="$port" DUST_LANTERN_DEMO=yes exec node .next/start.mjs

# Makes the folder ready to build or run: tools, packages. Sourced by the other scripts; safe to repeat.
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."
export NEXT_TELEMETRY_DISABLED=1

say() { printf '\n== %s\n' "$*"; }
stop() { printf 'Dust Lantern: %s\n' "$*" >&2; exit 1; }
need() { command -v "$1" >/dev/null 2>&1 || stop "$1 is missing. $2"; }

need node "Install Node.js 20.9 or newer."
need npm "It comes with Node.js."
node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 9) ? 0 : 1)' ||
  stop "Node.js $(node --version) is too old; 20.9 or newer is needed."

# better-sqlite3 is compiled here; Node's own headers spare a download where they are installed.
prefix=$(node -p 'require("path").dirname(require("path").dirname(process.execPath))')
if [ -f "$prefix/include/node/node.h" ]; then export npm_config_nodedir="$prefix"; fi

# Packages as the lock file says. `npm install` and not `npm ci`: the registry may lack binaries of other
# systems, which the lock then does not name, and `npm ci` takes that for an error.
stamp=node_modules/.dust-lantern-lock
if ! cmp -s package-lock.json "$stamp"; then
  say "Installing packages (a few minutes the first time)"
  for tool in python3 g++ make; do need "$tool" "It compiles the database driver (Debian: apt-get install python3 g++ make)."; done
  npm install --no-save --no-audit --no-fund --loglevel=error
  node -e 'require("better-sqlite3")(":memory:").close()' || stop "The database driver did not compile; see the lines above."
  cp package-lock.json "$stamp"
fi

# A build is made again only when something it is made of has changed.
build_if_changed() {
  local now
  now=$(git ls-files -s -o -c --exclude-standard -- app core db server ui workers devices '*.ts' '*.mjs' '*.json' 2>/dev/null |
    awk '{print $NF}' | sort -u | while read -r f; do [ -f "$f" ] && cksum "$f"; done | cksum)
  if [ ! -f .next/BUILD_ID ] || [ "$(cat .next/.dust-lantern-made-of 2>/dev/null)" != "$now" ]; then
    say "Building (about a minute)"
    npm run --silent build
    printf '%s' "$now" > .next/.dust-lantern-made-of
  fi
}

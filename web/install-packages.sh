#!/bin/sh
# Installs the front end's packages, and only when the lock file has changed since the last time.
set -eu
cd "$(dirname "$0")"
stamp=node_modules/.installed-lock
if [ -f "$stamp" ] && cmp -s package-lock.json "$stamp"; then
  exit 0
fi
npm ci --no-audit --no-fund
cp package-lock.json "$stamp"

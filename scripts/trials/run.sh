#!/usr/bin/env bash
# Runs trials and keeps what they print in docs/trials: npm run trial -- key photo-bench ..., or all without a name.
set -euo pipefail
cd "$(dirname "$0")/../.."
names=("$@")
[ ${#names[@]} -gt 0 ] || names=(fauna key size-groups photo-bench reading situations rhythm tie-on large-picture tap-speed)
for name in "${names[@]}"; do
	mkdir -p node_modules/.cache
	npx esbuild "scripts/trials/$name.ts" --bundle --inject:src/lib/core/atlas/all.ts --platform=node --format=esm --packages=external \
		--outfile="node_modules/.cache/trial-$name.mjs" --log-level=error
	node "node_modules/.cache/trial-$name.mjs" | tee "docs/trials/$name.txt"
done

# What bin/steps.sh and bin/install share about building the screens.

# A stamp of all that the screens are built from: they are built again only when it changes.
built_from() {
  find resources docs/formats/openapi.yaml package.json package-lock.json vite.config.ts vite.worker.config.ts tsconfig.json -type f -not -name schema.d.ts -print0 |
    sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1
}

# Debian 12 has Node.js 18; the screens want 20.19 or newer. A newer one comes from the registry of the packages, and stays in a
# folder of its own, .cache/node.
node_is_new_enough() {
  node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)' 2>/dev/null
}
enough_node() {
  node_is_new_enough && return 0
  PATH="$PWD/.cache/node/node_modules/node/bin:$PATH"
  node_is_new_enough || step "Node.js 22" npm install --prefix .cache/node --no-save --no-audit --no-fund --no-progress node@22.23.3
  hash -r
}

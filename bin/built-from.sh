# A stamp of all that the screens are built from: they are built again only when it changes.
built_from() {
  find resources docs/formats/openapi.yaml package.json package-lock.json vite.config.ts vite.worker.config.ts tsconfig.json -type f -not -name schema.d.ts -print0 |
    sort -z | xargs -0 cat | sha256sum | cut -d' ' -f1
}

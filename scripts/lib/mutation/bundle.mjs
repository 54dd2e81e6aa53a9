import { resolve } from 'node:path'
import { build } from 'esbuild'

const SHIM = resolve('scripts/lib/mutation/test-functions.mjs')

/** One program of some test files, with the changed sources in place of those on disk. */
export async function bundle(tests, sources, outfile) {
  await build({
    stdin: {
      contents: tests.map((test) => `import ${JSON.stringify(resolve(test))}`).join('\n'),
      resolveDir: process.cwd(),
      loader: 'ts',
    },
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'silent',
    alias: { '#core': resolve('core/index.ts') },
    packages: 'external',
    ignoreAnnotations: true,
    external: [SHIM],
    plugins: [
      {
        name: 'changed sources',
        setup(make) {
          make.onResolve({ filter: /^vitest$/ }, () => ({ path: SHIM, external: true }))
          make.onLoad({ filter: /\.ts$/ }, ({ path }) => {
            const contents = sources.get(path)
            return contents === undefined ? undefined : { contents, loader: 'ts' }
          })
        },
      },
    ],
  })
}

/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'

declare const self: ServiceWorkerGlobalScope & {
  __WB_MANIFEST: { url: string; revision: string | null }[]
}

const SHELL = 'thermognosis-shell'

precacheAndRoute(self.__WB_MANIFEST)
cleanupOutdatedCaches()
clientsClaim()

/** The shell is the same for every page and every person; it is stored together with the parts it loads. */
self.addEventListener('install', (event) => {
  event.waitUntil(
    (async () => {
      const shell = await fetch('/', { cache: 'reload', credentials: 'omit' })
      if (!shell.ok) throw new Error('no shell')
      await (await caches.open(SHELL)).put('/', shell)
    })(),
  )
})

/** A new version waits beside the one that is open until somebody says that it may take its place. */
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting()
})

async function page({ request }: { request: Request }): Promise<Response> {
  try {
    return await fetch(request, { signal: AbortSignal.timeout(4000) })
  } catch {
    return (await caches.match('/', { cacheName: SHELL })) ?? Response.error()
  }
}

registerRoute(new NavigationRoute(page, { denylist: [/^\/api\//] }))

const ID = /^([0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}|[0-9a-f]{64})$/i

/** A request's path with its ids left out, as its route is declared; what belongs to no route of ours is one. */
export function routeName(path: string): string {
  const [pathname = '/'] = path.split('?')
  if (pathname.startsWith('/_nuxt/')) return '/_nuxt/*'
  if (!pathname.startsWith('/api/')) return 'page'
  const parts = pathname.split('/').map((part) => (ID.test(part) ? ':id' : part))
  return parts.length <= 5 && parts.every((part) => /^[:a-z_-]{0,24}$/.test(part))
    ? parts.join('/')
    : '/api/*'
}

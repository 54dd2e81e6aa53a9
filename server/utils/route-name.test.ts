import { describe, expect, it } from 'vitest'
import { routeName } from './route-name'

const id = '0192f000-0000-7000-8000-000000000001'

describe('the name of a route in logs and figures', () => {
  it.each([
    ['/api/records/' + id, '/api/records/:id'],
    [`/api/cases/${id}/export`, '/api/cases/:id/export'],
    [`/api/photographs/${'a'.repeat(64)}`, '/api/photographs/:id'],
    ['/api/cases?text=SR%2012&person=' + id, '/api/cases'],
    ['/api/session/second-factor', '/api/session/second-factor'],
    ['/', 'page'],
    [`/cases/${id}?check=cap`, 'page'],
    ['/_nuxt/abc.js', '/_nuxt/*'],
  ])('of %s is %s: it tells nobody and nothing', (path, name) => {
    expect(routeName(path)).toBe(name)
  })
  it.each(['/api/Ilka%20Brandt', '/api/a/b/c/d/e', `/api/${'x'.repeat(40)}`, '/api/12345'])(
    'of %s, which is none, is the same for all: figures do not grow with what is asked',
    (path) => expect(routeName(path)).toBe('/api/*'),
  )
})

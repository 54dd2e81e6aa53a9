/** Pages need a person, remembered or signed in; whether the session still holds is the server's to say. */
export default defineNuxtRouteMiddleware((to) => {
  const session = useSession()
  if (!session.current && to.path !== '/sign-in')
    return navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
  if (session.current?.mustChangePassword && !['/settings', '/sign-in'].includes(to.path))
    return navigateTo('/settings')
})

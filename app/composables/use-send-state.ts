interface SendState {
  text: string
  /** for a narrow screen */
  short: string
  bad: boolean
}

/** How what was recorded here stands: kept, sent, or neither. Nothing is called kept that is not. */
export function useSendState() {
  const { say } = useWords()
  const session = useSession()
  const shop = useShop()

  /** what needs a person comes first */
  function wrong(): SendState | undefined {
    const [unkept, refused, kept] = [shop.unkept.length, shop.refused.length, shop.kept.length]
    if (unkept > 0)
      return {
        text: say('frame.notKept', { unkept }),
        short: say('frame.notKept', { unkept }),
        bad: true,
      }
    if (refused > 0)
      return {
        text: say('frame.setAside', { refused }),
        short: say('frame.aside', { refused }),
        bad: true,
      }
    if (shop.isVolatile)
      return {
        text:
          kept > 0
            ? say('frame.notKeptHereNotSent', { kept })
            : say('frame.nothingKeptHereAllSent'),
        short: say('frame.notSent', { kept }),
        bad: true,
      }
    if (session.state === 'signed-out')
      return {
        text: say('frame.signedOutKept', { kept }),
        short: say('frame.kept', { kept }),
        bad: true,
      }
    return undefined
  }

  function onItsWay(): SendState {
    const kept = shop.kept.length
    if (shop.storing > 0)
      return { text: say('frame.keeping'), short: say('frame.keeping'), bad: false }
    if (kept > 0)
      return {
        text: shop.reachable ? say('frame.sending', { kept }) : say('frame.keptNotSent', { kept }),
        short: say('frame.kept', { kept }),
        bad: false,
      }
    return {
      text: shop.reachable ? say('frame.allKeptAllSent') : say('frame.noNetworkAllKept'),
      short: shop.reachable ? say('frame.sent') : say('frame.noNet'),
      bad: false,
    }
  }

  return computed(() => wrong() ?? onItsWay())
}

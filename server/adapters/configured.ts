/** An adapter that stands on a line of its own, whose it is, and how the shop calls it. */
export interface AdapterAddress {
  shopId: string
  name: string
  port: number
}

/**
 * Adapters named in THERMOGNOSIS_ADAPTERS: "SHOP-ID/Bay 1=35000, SHOP-ID/Bay 2=35001", ports of this machine. One that
 * hangs on the shop's network is brought here by a forwarder; the server itself opens no connection to elsewhere.
 * A shop sees its own only.
 */
export function adaptersOf(
  shopId: string,
  text = process.env.THERMOGNOSIS_ADAPTERS ?? '',
): AdapterAddress[] {
  return text.split(',').flatMap((entry) => {
    const [, shop, name = '', port] = /^\s*([0-9a-f-]{36})\/([^=]+)=\s*(\d+)\s*$/.exec(entry) ?? []
    const number = Number(port)
    const isGood = number > 0 && number < 65_536 && name.trim().length <= 60
    return isGood && shop === shopId ? [{ shopId, name: name.trim(), port: number }] : []
  })
}

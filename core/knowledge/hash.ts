/** 64-bit FNV-1a of a text as 16 hexadecimal digits; names a version of the book, not a security measure. */
export function stableHash(text: string): string {
  let hash = 0xcbf29ce484222325n
  for (let i = 0; i < text.length; i++)
    hash = ((hash ^ BigInt(text.charCodeAt(i))) * 0x100000001b3n) & 0xffffffffffffffffn
  return hash.toString(16).padStart(16, '0')
}

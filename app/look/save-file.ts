/** Hands a file to the browser to be saved. */
export function saveFile(name: string, type: string, content: BlobPart) {
  const link = Object.assign(document.createElement('a'), {
    href: URL.createObjectURL(new Blob([content], { type })),
    download: name,
  })
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 1000)
}

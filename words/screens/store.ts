/** What is said when this device cannot keep what is recorded. */
export const STORE: Readonly<Record<string, string>> = {
  'store.couldNotBeKept':
    '{unkept, plural, one {One entry} other {# entries}} could not be kept on this device and {unkept, plural, one {stands} other {stand}} in this page only: do not close it.',
  'store.keepAgain': 'Try to keep',
  'store.sendDirectly': 'Send without keeping',
  'store.lookAndExport': 'Look, export',
  'store.nothingIsKeptHere':
    'This browser’s storage cannot be used: nothing is kept on this device. What you record stands in this page until it is sent; do not close it before.',
  'store.littleRoom':
    'Little room is left on this device to keep entries: {megabytes} MB. Clear something else away.',
}

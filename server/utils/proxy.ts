/** Whether a proxy stands before this server that sets the forwarded headers itself. */
export const isBehindProxy = (): boolean => process.env.THERMOGNOSIS_TRUST_PROXY === '1'
